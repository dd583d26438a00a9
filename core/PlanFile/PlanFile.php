<?php

declare(strict_types=1);

namespace Davrin\Core\PlanFile;

use Davrin\Core\Craft;
use Davrin\Core\Plan\Fault;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use JsonException;

/** Reads a plan from the bytes of a file and writes it in the one canonical way (docs/plan-format.md). */
final readonly class PlanFile
{
    public const MOST_BYTES = 1_000_000;

    private const DEEPEST = 12;

    private PlanReader $reader;

    private SchemaCheck $check;

    /** @param  list<Upgrade>  $upgrades one for each older version */
    public function __construct(Craft $craft, private array $upgrades = [])
    {
        $this->reader = new PlanReader($craft);
        $this->check = new SchemaCheck(new PlanSchema($craft));
    }

    /** @throws Fault */
    public function read(string $bytes): Plan
    {
        $document = $this->current($this->document($bytes));
        $this->check->check($document);

        return $this->reader->read($document);
    }

    /** Indented by four, keys in their canonical order, a newline at the end. */
    public function write(Plan $plan): string
    {
        return json_encode($plan->write(), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n";
    }

    /** @return array<string, mixed> */
    private function document(string $bytes): array
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw Fault::at('', sprintf('The file has %s bytes, and a plan has at most %s. It is not a plan file.', number_format(strlen($bytes)), number_format(self::MOST_BYTES)));
        }
        $bytes = str_starts_with($bytes, "\u{FEFF}") ? substr($bytes, 3) : $bytes;
        try {
            $document = json_decode($bytes, true, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $exception) {
            throw Fault::at('', $exception->getCode() === JSON_ERROR_DEPTH
                ? sprintf('The file is nested more than %d deep, which no plan is. It is not a plan file.', self::DEEPEST)
                : sprintf('The file is not JSON (%s). Choose a plan file that was saved from here.', lcfirst($exception->getMessage())));
        }
        if (! is_array($document) || ($document !== [] && array_is_list($document))) {
            throw Fault::at('', 'The file holds no plan: a plan file is one JSON object.');
        }
        $keyed = [];
        foreach ($document as $key => $value) {
            $keyed[(string) $key] = $value;
        }

        return $keyed;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private function current(array $document): array
    {
        if (($document['format'] ?? null) !== Plan::FORMAT) {
            throw Fault::at('/format', sprintf('This is not a plan file: its "format" must be "%s".', Plan::FORMAT));
        }
        $version = $document['version'] ?? null;
        if (! is_int($version) || $version < 1) {
            throw Fault::at('/version', sprintf('"version" must be a whole number from 1 to %d.', Plan::VERSION));
        }
        if ($version > Plan::VERSION) {
            throw Fault::at('/version', sprintf('This plan is of version %d, and this Davrin reads up to version %d. Update Davrin to open it.', $version, Plan::VERSION));
        }
        foreach ($this->upgrades as $upgrade) {
            if ($upgrade->from() === $document['version']) {
                $document = [...$upgrade->upgrade($document), 'version' => $upgrade->from() + 1];
            }
        }

        return $document;
    }
}
