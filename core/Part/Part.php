<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

use Davrin\Core\Concern\Concern;
use Davrin\Core\Demand\Caution;
use Davrin\Core\Demand\Demand;
use Davrin\Core\Material\Wound;
use Davrin\Core\Words\Fault;

/** One technique in one mesh, or several, on some of the ties. */
final readonly class Part
{
    /** More pieces in one line than this are a slip of the pen. */
    public const MOST_PIECES = 2_000;

    private function __construct(
        public string $id,
        public PartKind $technique,
        public PartContext $on,
        public Demand $work,
        public Size $size,
    ) {}

    /** @throws Fault with a pointer below the layer */
    public static function of(PartKind $technique, PartContext $on): self
    {
        $work = $technique->work($on);
        if ($work->pieces() > self::MOST_PIECES) {
            throw Fault::at('', sprintf('That makes %s pieces in one line. Davrin plans up to %s: take fewer ties, or fewer pieces on each.', number_format($work->pieces()), number_format(self::MOST_PIECES)));
        }
        [$least, $words] = $technique->leastRoll($on);
        foreach ($on->kinds() as $mesh) {
            if ($least->isMoreThan($mesh->nominal())) {
                throw Fault::at('/'.$technique->lengthKey(), sprintf(
                    '%s takes %s, and a roll of %s has %s. Write less, or use longer rolls.',
                    $words, $on->units->needed($least), $mesh->name(), $on->units->available($mesh->nominal()),
                ));
            }
        }

        return new self($on->id, $technique, $on, $work, $technique->size($on));
    }

    public function uses(Wound $mesh): bool
    {
        return in_array($mesh->id, array_column($this->on->kinds(), 'id'), true);
    }

    /** @return list<Concern> what is seen coming on its ties */
    public function doubts(): array
    {
        return [...$this->technique->doubts($this->on), ...$this->on->dealing->doubts($this->on->deal)];
    }

    /** @return list<Caution> what to mind at it */
    public function cautions(): array
    {
        return [...$this->technique->cautions(), ...($this->work->zipTies > 0 ? [Caution::ZipTies] : [])];
    }

    /** "Gold mesh", or "Gold mesh and Teal mesh". */
    public function meshName(): string
    {
        return Wound::names($this->on->kinds());
    }
}
