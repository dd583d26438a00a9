<?php

declare(strict_types=1);

namespace Davrin\Core\Learned;

use Davrin\Core\Words\Fault;

/** All that the log has taught, and what the maker holds: what a plan is worked with beside its own figures. */
final readonly class LearnedFigures
{
    /** A plan file holds no more of them. */
    public const MOST = 400;

    public const FORMAT = 'davrin-learned';

    private const DEEPEST = 8;

    private const LONGEST = 80;

    private const KEYS = ['figure' => '', 'of' => '', 'material' => '', 'source' => '', 'value' => '', 'from' => 0, 'by' => 'log'];

    /** @param  array<string, LearnedFigure>  $all  by subject and scope */
    private function __construct(private array $all) {}

    public static function none(): self
    {
        return new self([]);
    }

    /** @param  list<LearnedFigure>  $figures  of two for the same, the later stands */
    public static function of(array $figures): self
    {
        $all = [];
        foreach ($figures as $figure) {
            $all[self::key($figure->subject, $figure->scope)] = $figure;
        }
        ksort($all);

        return new self($all);
    }

    /**
     * What a plan file holds.
     *
     * @param  list<array<array-key, mixed>>  $list
     *
     * @throws Fault
     */
    public static function read(array $list): self
    {
        if (count($list) > self::MOST) {
            throw Fault::at('/learned', sprintf('Up to %d learned figures go with a plan, and here are %d.', self::MOST, count($list)));
        }

        return self::of(array_map(self::figure(...), $list, array_keys($list)));
    }

    /**
     * The narrowest that holds for it; null where the starting guess stands.
     *
     * @param  string  $of  a technique or a kind of work
     */
    public function find(Subject $subject, string $of, string $material = '', string $source = ''): ?LearnedFigure
    {
        if ($this->all === []) {
            return null;
        }
        foreach ((new Scope($of, $material, $source))->widening() as $scope) {
            $found = $this->all[self::key($subject, $scope)] ?? null;
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    /** Whether anything of the kind is known, of whatever. */
    public function knows(Subject ...$subjects): bool
    {
        foreach ($this->all as $figure) {
            if (in_array($figure->subject, $subjects, true)) {
                return true;
            }
        }

        return false;
    }

    /** Whether a size was learned of some design by itself. */
    public function knowsDesigns(): bool
    {
        foreach ($this->all as $figure) {
            if ($figure->scope->isOfDesign()) {
                return true;
            }
        }

        return false;
    }

    public function isEmpty(): bool
    {
        return $this->all === [];
    }

    /** @return list<LearnedFigure> */
    public function all(): array
    {
        return array_values($this->all);
    }

    /** @return list<array<string, string|int>> as a plan file holds them */
    public function write(): array
    {
        return array_map(fn (LearnedFigure $figure): array => $figure->write(), array_values($this->all));
    }

    /** As a file of its own, for plans that are worked out elsewhere. */
    public function file(): string
    {
        return json_encode(
            ['format' => self::FORMAT, 'version' => 1, 'learned' => $this->write()],
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        )."\n";
    }

    /** @throws Fault */
    public static function ofFile(string $text): self
    {
        $document = json_decode($text, true, self::DEEPEST);
        if (! is_array($document) || ($document['format'] ?? null) !== self::FORMAT || ! is_array($document['learned'] ?? null)) {
            throw Fault::at('/format', sprintf('This holds nothing that was learned: its "format" must be "%s".', self::FORMAT));
        }

        return self::read(array_map(
            fn (mixed $its, int $at): array => is_array($its) ? $its : throw Fault::at("/learned/$at", 'A learned figure is an object.'),
            array_values($document['learned']),
            array_keys(array_values($document['learned'])),
        ));
    }

    /** @return array<string, mixed> what a plan file may say of one */
    public static function schema(): array
    {
        $text = fn (string $what): array => ['description' => $what, 'type' => 'string', 'maxLength' => self::LONGEST, 'default' => ''];

        return [
            'type' => 'object',
            'required' => ['figure', 'value'],
            'properties' => [
                'figure' => [
                    'description' => 'What was learned: minutes, reach and depth as a multiple of the starting guess; thin and full in '
                        .'square inches of mesh per inch of form; shortfall and waste in percent.',
                    'enum' => array_column(Subject::cases(), 'value'),
                ],
                'of' => $text('the technique or the kind of work; empty for all'),
                'material' => $text('the kind of material; empty for all'),
                'source' => $text('whoever it is bought from, or the grade of its rolls; empty for all'),
                'value' => ['description' => 'A decimal number.', 'type' => 'string', 'pattern' => '^\\d{1,4}(\\.\\d{1,6})?$'],
                'from' => [
                    'description' => 'How many pieces or rolls it rests on.', 'type' => 'integer', 'minimum' => 0, 'maximum' => 100_000,
                    'default' => 0,
                ],
                'by' => ['description' => 'The log, or the maker who holds it.', 'enum' => ['log', 'maker'], 'default' => 'log'],
            ],
            'additionalProperties' => false,
        ];
    }

    /** @param  array<array-key, mixed>  $written */
    private static function figure(array $written, int $index): LearnedFigure
    {
        $unknown = array_key_first(array_diff_key($written, self::KEYS));
        if ($unknown !== null) {
            throw Fault::unknownKey("/learned/$index", (string) $unknown, array_keys(self::KEYS));
        }
        $written += self::KEYS;
        $text = fn (string $key): string => is_string($written[$key]) && mb_strlen($written[$key]) <= self::LONGEST ? $written[$key]
            : throw Fault::at("/learned/$index/$key", sprintf('Write up to %d letters here.', self::LONGEST));
        $subject = Subject::tryFrom($text('figure')) ?? throw Fault::at("/learned/$index/figure", sprintf(
            'No such figure is learned. Known are: %s.',
            implode(', ', array_column(Subject::cases(), 'value')),
        ));
        [$least, $most] = $subject->bounds();
        $value = preg_match('/^\d{1,4}(\.\d{1,6})?$/', $text('value')) === 1 ? (float) $text('value') : null;
        if ($value === null || $value < $least || $value > $most) {
            throw Fault::at("/learned/$index/value", sprintf(
                'Write a number from %s to %s here, as text: "0.9".',
                LearnedFigure::number($least, 2),
                LearnedFigure::number($most, 2),
            ));
        }
        $from = is_int($written['from']) && $written['from'] >= 0 ? $written['from']
            : throw Fault::at("/learned/$index/from", 'Write a whole number here.');

        return new LearnedFigure(
            $subject,
            new Scope($text('of'), $text('material'), $text('source')),
            $value,
            $from,
            $text('by') === 'maker',
        );
    }

    private static function key(Subject $subject, Scope $scope): string
    {
        return $subject->value.'|'.$scope->key();
    }
}
