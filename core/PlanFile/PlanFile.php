<?php

declare(strict_types=1);

namespace Davrin\Core\PlanFile;

use Davrin\Core\Craft\Craft;
use Davrin\Core\Learned\LearnedFigures;
use Davrin\Core\Plan\Plan;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\Words\Fault;
use JsonException;
use stdClass;

/** Reads a plan from the bytes of a file and writes it in the one canonical way (docs/plan-format.md). */
final readonly class PlanFile
{
    public const MOST_BYTES = 1_000_000;

    private const DEEPEST = 12;

    private PlanReader $reader;

    private SchemaCheck $check;

    /** @param  list<Upgrade>  $upgrades one for each older version, the oldest first */
    public function __construct(Craft $craft, private array $upgrades = [new FromVersion1])
    {
        $this->reader = new PlanReader($craft);
        $this->check = new SchemaCheck((new PlanSchema($craft))->document(...));
    }

    /** @throws Fault */
    public function read(string $bytes): Plan
    {
        $written = $this->document($bytes);
        try {
            $document = $this->current($written);
            $this->check->check($document);

            return $this->reader->read(self::arrays($document));
        } catch (Fault $fault) {
            throw Fault::at($this->pointer($fault->pointer, $written), $fault->getMessage());
        }
    }

    /** Where in the file that stands, whatever version it is of. */
    private function pointer(string $pointer, stdClass $written): string
    {
        $version = $written->version ?? null;
        $made = array_filter($this->upgrades, fn (Upgrade $upgrade): bool => is_int($version) && $upgrade->from() >= $version);
        foreach (array_reverse($made) as $upgrade) {
            $pointer = $upgrade->pointer($pointer, $written);
        }

        return $pointer;
    }

    /**
     * A plan that was written here: of any version so far, but not held against the schema again.
     *
     * @param  ?LearnedFigures  $learned  what it is worked with; null for what stands in the file itself
     *
     * @throws Fault
     */
    public function reopen(string $bytes, ?LearnedFigures $learned = null): Plan
    {
        $document = self::arrays($this->current($this->document($bytes)));

        return $this->reader->read($learned === null ? $document : ['learned' => $learned->write()] + $document);
    }

    /** The design alone, as it is kept where what was learned stands beside it. */
    public function design(Plan $plan): string
    {
        return self::text(array_diff_key($plan->write(), ['learned' => 1]));
    }

    /** The design alone of what was written here with what it is worked with. */
    public function designIn(string $bytes): string
    {
        $document = (array) json_decode($bytes, true, self::DEEPEST);

        return isset($document['learned']) ? self::text(array_diff_key($document, ['learned' => 1])) : $bytes;
    }

    /** Indented by four, keys in their canonical order, a newline at the end. */
    public function write(Plan $plan): string
    {
        return self::text($plan->write());
    }

    /** @param  array<array-key, mixed>  $document */
    private static function text(array $document): string
    {
        return json_encode($document, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n";
    }

    private function document(string $bytes): stdClass
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw Fault::at(
                '',
                sprintf(
                    'The file has %s bytes, and a plan has at most %s. It is not a plan file.',
                    number_format(strlen($bytes)),
                    number_format(self::MOST_BYTES),
                ),
            );
        }
        $bytes = str_starts_with($bytes, "\u{FEFF}") ? substr($bytes, 3) : $bytes;
        try {
            $document = json_decode($bytes, false, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $exception) {
            throw Fault::at('', $exception->getCode() === JSON_ERROR_DEPTH
                ? sprintf('The file is nested more than %d deep, which no plan is. It is not a plan file.', self::DEEPEST)
                : sprintf('The file is not JSON (%s). Choose a plan file that was saved from here.', lcfirst($exception->getMessage())));
        }

        return $document instanceof stdClass ? $document : throw Fault::at('', 'The file holds no plan: a plan file is one JSON object.');
    }

    private function current(stdClass $document): stdClass
    {
        if (($document->format ?? null) !== Plan::FORMAT) {
            throw Fault::at('/format', sprintf('This is not a plan file: its "format" must be "%s".', Plan::FORMAT));
        }
        $version = $document->version ?? null;
        $oldest = min([Plan::VERSION, ...array_map(fn (Upgrade $upgrade): int => $upgrade->from(), $this->upgrades)]);
        if (! is_int($version) || $version < $oldest) {
            throw Fault::at('/version', sprintf('"version" must be a whole number from %d to %d.', $oldest, Plan::VERSION));
        }
        if ($version > Plan::VERSION) {
            throw Fault::at(
                '/version',
                sprintf(
                    'This plan is of version %d, and this Davrin reads up to version %d. Update Davrin to open it.',
                    $version,
                    Plan::VERSION,
                ),
            );
        }
        foreach ($this->upgrades as $upgrade) {
            if ($upgrade->from() === $document->version) {
                $document = $upgrade->upgrade($document);
                $document->version = $upgrade->from() + 1;
            }
        }

        return $document;
    }

    /** @return array<string, mixed> */
    private static function arrays(stdClass $document): array
    {
        /** @var array<string, mixed> */
        return json_decode(json_encode($document, JSON_THROW_ON_ERROR), true, 512, JSON_THROW_ON_ERROR);
    }
}
