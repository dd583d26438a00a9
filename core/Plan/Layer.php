<?php

declare(strict_types=1);

namespace Davrin\Core\Plan;

use Davrin\Core\Blank\Slip;
use Davrin\Core\Demand\Work;
use Davrin\Core\Measure\Units;
use Davrin\Core\Technique\Technique;
use Davrin\Core\Ties\Tie;
use Davrin\Core\Ties\TieGroup;
use Davrin\Core\Ties\TieRow;

/** One technique in one mesh on some of the ties. */
final readonly class Layer
{
    public const EVERY_TIE = 'every tie';

    /** @param  non-empty-list<TieRow>  $rows the ties it stands on */
    private function __construct(
        public string $id,
        public Technique $technique,
        public Mesh $mesh,
        public Slip $slip,
        public TieGroup $group,
        public array $rows,
        public Work $work,
    ) {}

    /**
     * @param  Units  $units  what a fault speaks in
     *
     * @throws Fault with a pointer below the layer
     */
    public static function of(string $id, Technique $technique, Mesh $mesh, Slip $slip, TieGroup $ties, Units $units): self
    {
        [$least, $words] = $technique->leastRoll($slip);
        if ($least->isMoreThan($mesh->nominal())) {
            throw Fault::at('/'.$technique->lengthKey(), sprintf(
                '%s takes %s, and a roll of %s has %s. Write less, or use longer rolls.',
                $words, $units->needed($least), $mesh->name(), $units->available($mesh->nominal()),
            ));
        }
        $on = $slip->text('on');
        $rows = $on === self::EVERY_TIE ? $ties->rows : [$ties->rows[(int) substr($on, 4) - 1]];

        return new self($id, $technique, $mesh, $slip, $ties, $rows, $technique->work($id, $slip, $rows));
    }

    /**
     * What a layer can be put on, in words by key.
     *
     * @return array<string, string>
     */
    public static function places(TieGroup $ties): array
    {
        $count = count($ties->rows);
        $places = [self::EVERY_TIE => 'every tie'];
        foreach ($count > 1 ? array_keys($ties->rows) : [] as $index) {
            $places['row '.($index + 1)] = match (true) {
                $index === 0 => 'every inner tie',
                $index === $count - 1 => 'every outer tie',
                default => 'every tie of row '.($index + 1),
            };
        }

        return $places;
    }

    /** @return non-empty-list<Tie> */
    public function ties(): array
    {
        return array_merge(...array_map(fn (TieRow $row): array => $row->ties, $this->rows));
    }

    /** How far across its row an element stands out, in inches (an estimate). */
    public function reach(): float
    {
        return $this->technique->reach($this->slip, $this->mesh->width());
    }
}
