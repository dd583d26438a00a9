<?php

declare(strict_types=1);

namespace Davrin\Core\Log;

use Davrin\Core\Blank\Blank;
use Davrin\Core\Blank\Schema;
use Davrin\Core\Blank\Slip;
use Davrin\Core\Learned\Scope;
use Davrin\Core\Material\Material;
use Davrin\Core\Material\Wound;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Length;
use Davrin\Core\Measure\LengthText;
use Davrin\Core\Plan\Plan;
use Davrin\Core\PlanFile\PlanFile;
use Davrin\Core\PlanFile\SchemaCheck;
use Davrin\Core\Price\Terms;
use Davrin\Core\Words\Fault;
use JsonException;
use stdClass;

/** The log as a file (docs/log-format.md): each piece with the plan it was made by and all that was measured of it, without photographs. */
final readonly class LogFile
{
    public const FORMAT = 'davrin-log';

    public const VERSION = 1;

    public const MOST_BYTES = 20_000_000;

    /** Pieces in one file. */
    public const MOST = 2_000;

    /** Rolls, kinds of work and notes of one piece. */
    public const MOST_LINES = 2_000;

    /** What a piece is not told without. */
    private const NEEDED = ['name', 'made'];

    /** A plan is so deep, and lies in an entry of a list. */
    private const DEEPEST = 16;

    private SchemaCheck $check;

    public function __construct(private PlanFile $plans)
    {
        $this->check = new SchemaCheck(self::schema(...));
    }

    /**
     * One piece after another, so that their plans are never in memory all at once.
     *
     * @return iterable<int, LoggedPiece> by their place in the file
     *
     * @throws Fault with the pointer into the file, as soon as the piece is come to
     */
    public function read(string $bytes): iterable
    {
        $document = self::document($bytes);
        $this->check->check($document);

        return $this->pieces($document);
    }

    /** @return iterable<int, LoggedPiece> */
    private function pieces(stdClass $document): iterable
    {
        foreach (is_array($document->entries) ? array_values($document->entries) : [] as $at => $entry) {
            if ($entry instanceof stdClass) {
                yield $at => Fault::under("/entries/$at", fn (): LoggedPiece => $this->piece($entry));
            }
        }
    }

    /**
     * A piece as a file holds it.
     *
     * @param  array<string, mixed>  $plan  the plan file
     * @param  array<string, mixed>  $terms  what Terms writes
     * @param  list<WorkTime>  $times
     * @param  list<RollTruth>  $rolls
     * @param  array<string, Length>  $spoiled
     * @param  list<array{at: string, words: string}>  $notes
     * @return array<string, mixed>
     */
    public static function write(array $plan, array $terms, Slip $slip, array $times, array $rolls, array $spoiled, array $notes): array
    {
        return [
            'piece' => $slip->inFile(),
            'work' => array_map(
                fn (WorkTime $its): array => array_filter($its->asData(), fn (mixed $value): bool => $value !== null),
                $times,
            ),
            'rolls' => array_map(fn (RollTruth $its): array => [
                'id' => $its->material,
                'words' => $its->words,
                'material' => $its->scope->material,
                'source' => $its->scope->source,
                'label' => LengthText::canonical($its->label),
                ...($its->held === null ? [] : ['held' => LengthText::canonical($its->held)]),
            ], $rolls),
            'spoiled' => (object) array_map(LengthText::canonical(...), $spoiled),
            'notes' => $notes,
            'prices' => $terms,
            'plan' => $plan,
        ];
    }

    /** @return array<string, mixed> */
    public static function schema(): array
    {
        $text = fn (int $most): array => ['type' => 'string', 'maxLength' => $most];
        $scope = ['material' => $text(80), 'source' => $text(80), 'words' => $text(160)];
        $object = fn (array $properties, array $required): array => [
            'type' => 'object', 'additionalProperties' => false, 'required' => $required, 'properties' => $properties,
        ];
        $list = fn (array $items): array => ['type' => 'array', 'maxItems' => self::MOST_LINES, 'items' => $items];
        $minutes = ['type' => 'number', 'minimum' => 0, 'maximum' => 1_000_000];
        $count = ['type' => 'integer', 'minimum' => 0, 'maximum' => 1_000_000];
        $number = ['type' => 'integer', 'minimum' => 1];

        return [
            '$schema' => Schema::DRAFT,
            'title' => 'A logbook of finished pieces',
            '$defs' => ['length' => Schema::LENGTH_DEFINITION],
            ...$object([
                'format' => ['const' => self::FORMAT],
                'version' => ['const' => self::VERSION],
                'part' => ['description' => 'Which file of several this is, where a log fills more than one.'] + $number,
                'parts' => ['description' => 'How many files there are.'] + $number,
                'entries' => ['type' => 'array', 'maxItems' => self::MOST, 'items' => $object([
                    'piece' => $object(array_merge(...array_map(
                        // What has to stand there has no default.
                        fn (Blank $blank): array => [$blank->key() => array_diff_key(
                            $blank->schema(),
                            in_array($blank->key(), self::NEEDED, true) ? ['default' => 1] : [],
                        )],
                        EntrySheet::blanks(Currency::UsDollar),
                    )), self::NEEDED),
                    'work' => $list($object([
                        'of' => $text(80) + ['description' => 'The technique or the kind of work.'],
                        ...$scope,
                        'count' => ['description' => 'How many it is told for.'] + $count,
                        'guess' => ['description' => 'Minutes for all of these by the starting guess.'] + $minutes,
                        'said' => ['description' => 'Minutes for all of these as Davrin said then.'] + $minutes,
                        'took' => ['description' => 'Minutes for all of these; left out where nobody looked at the clock.'] + $minutes,
                        'outOf' => ['description' => 'How many there are, where only some were timed.'] + $count,
                    ], ['of', 'words', 'count', 'guess'])),
                    'rolls' => $list($object([
                        'id' => $text(40) + ['description' => 'The id of the material in the plan.'],
                        ...$scope,
                        'label' => ['description' => 'What its label says.'] + Schema::LENGTH,
                        'held' => ['description' => 'What it really held; left out where nobody measured it.'] + Schema::LENGTH,
                    ], ['id', 'words', 'label'])),
                    'spoiled' => [
                        'description' => 'What of each material was cut and is of no use, by its id in the plan.',
                        'type' => 'object', 'maxProperties' => self::MOST_LINES, 'additionalProperties' => Schema::LENGTH,
                    ],
                    'notes' => $list($object(['at' => $text(200), 'words' => $text(1000)], ['at', 'words'])),
                    'prices' => ['description' => 'What it was priced by: prices.schema.json.', 'type' => 'object'],
                    'plan' => ['description' => 'The plan it was made by: plan.schema.json.', 'type' => 'object'],
                ], ['piece', 'plan'])],
            ], ['format', 'version', 'entries']),
        ];
    }

    private static function document(string $bytes): stdClass
    {
        strlen($bytes) <= self::MOST_BYTES || throw Fault::at('', sprintf(
            'The file has more than %s bytes, which no log has. Save fewer pieces in one file.',
            number_format(self::MOST_BYTES),
        ));
        try {
            $document = json_decode(
                str_starts_with($bytes, "\u{FEFF}") ? substr($bytes, 3) : $bytes, false, self::DEEPEST, JSON_THROW_ON_ERROR,
            );
        } catch (JsonException $exception) {
            throw Fault::at('', sprintf(
                'The file is not JSON (%s). Choose a log that was saved from here.',
                lcfirst($exception->getMessage()),
            ));
        }

        return $document instanceof stdClass && ($document->format ?? null) === self::FORMAT
            ? $document
            : throw Fault::at('/format', sprintf('This is no log: its "format" must be "%s".', self::FORMAT));
    }

    /**
     * @param  stdClass  $entry  that the schema has passed
     *
     * @throws Fault
     */
    private function piece(stdClass $entry): LoggedPiece
    {
        $plan = Fault::under('/plan', fn (): Plan => $this->plans->read(json_encode($entry->plan, JSON_THROW_ON_ERROR)));
        $its = self::arrays($entry);
        $slip = Slip::load(EntrySheet::blanks($plan->settings->currency()), $its['piece'], '/piece');
        Fault::under('/piece', fn () => MustBePossible::size($plan, EntrySheet::made($slip, [], [], [])));
        $copies = $slip->count('copies');

        return new LoggedPiece(
            $plan,
            Fault::under('/prices', fn (): Terms => Terms::read($its['prices'] ?? ['currency' => $plan->settings->currency()->value])),
            $slip,
            array_map(fn (array $row, int $at): WorkTime => self::time($row, $at, $copies), $its['work'], array_keys($its['work'])),
            array_map(fn (array $row, int $at): RollTruth => self::roll($row, $at, $plan), $its['rolls'], array_keys($its['rolls'])),
            self::spoiled($its['spoiled'], $plan),
            $its['notes'],
        );
    }

    /**
     * @param  array{of: string, material?: string, source?: string, words: string, count: int, guess: int|float, said?: int|float,
     *     took?: int|float, outOf?: int}  $row
     *
     * @throws Fault
     */
    private static function time(array $row, int $at, int $copies): WorkTime
    {
        $time = WorkTime::fromData($row + [
            'material' => '', 'source' => '', 'said' => $row['guess'], 'took' => null, 'outOf' => null,
        ]);
        Fault::under("/work/$at/took", fn () => MustBePossible::minutes($time->words, $time->took ?? 0.0, $copies));

        return $time;
    }

    /**
     * @param  array{id: string, words: string, material?: string, source?: string, label: string, held?: string}  $row
     *
     * @throws Fault
     */
    private static function roll(array $row, int $at, Plan $plan): RollTruth
    {
        $length = fn (string $key, string $text): Length => Fault::under("/rolls/$at/$key", fn (): Length => LengthText::read($text, null));
        $wound = self::material($plan, $row['id'], "/rolls/$at/id");
        [$sort, $source] = $wound instanceof Wound ? [$wound->sort(), $wound->source()] : ['', ''];
        $roll = new RollTruth(
            $row['id'],
            $row['words'],
            new Scope('', $row['material'] ?? $sort, $row['source'] ?? $source),
            $length('label', $row['label']),
            isset($row['held']) ? $length('held', $row['held']) : null,
        );
        Fault::under("/rolls/$at/held", fn () => MustBePossible::roll($roll, $plan->units()));

        return $roll;
    }

    /**
     * @param  array<array-key, string>  $written
     * @return array<string, Length>
     *
     * @throws Fault
     */
    private static function spoiled(array $written, Plan $plan): array
    {
        $spoiled = [];
        foreach ($written as $id => $length) {
            self::material($plan, (string) $id, "/spoiled/$id");
            $spoiled[(string) $id] = Fault::under("/spoiled/$id", fn (): Length => LengthText::read($length, null));
        }

        return $spoiled;
    }

    /** @throws Fault where the plan has none of that id */
    private static function material(Plan $plan, string $id, string $pointer): Material
    {
        return $plan->materials->all[$id] ?? throw Fault::at($pointer, sprintf(
            'The plan has no material "%s". Its materials are: %s.',
            mb_substr($id, 0, 40),
            implode(', ', array_map(fn (Material $its): string => "$its->id ({$its->name()})", $plan->materials->all)),
        ));
    }

    /**
     * @return array{piece: array<string, mixed>, prices?: array<string, mixed>, spoiled: array<array-key, string>,
     *     work: list<array{of: string, material?: string, source?: string, words: string, count: int, guess: int|float, said?: int|float,
     *     took?: int|float, outOf?: int}>,
     *     rolls: list<array{id: string, words: string, material?: string, source?: string, label: string, held?: string}>,
     *     notes: list<array{at: string, words: string}>}
     */
    private static function arrays(stdClass $entry): array
    {
        /** @phpstan-ignore return.type (the schema has passed it) */
        return (array) json_decode(json_encode($entry, JSON_THROW_ON_ERROR), true, self::DEEPEST, JSON_THROW_ON_ERROR)
            + ['work' => [], 'rolls' => [], 'spoiled' => [], 'notes' => []];
    }
}
