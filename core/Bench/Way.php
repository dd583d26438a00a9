<?php

declare(strict_types=1);

namespace Davrin\Core\Bench;

/** One way to go on where something went wrong: what it is, what it brings with it, and how the work stands then. */
final readonly class Way
{
    /**
     * @param  string  $key  its own among the ways out of one trouble, the same each time it is asked
     * @param  string  $label  "Buy one roll"
     * @param  list<string>  $effects  a sentence each
     * @param  Situation  $then  how the work stands once it is taken
     * @param  list<string>  $done  units that are done by it, by key
     * @param  list<string>  $undone  units that are not done after all, by key
     * @param  array<string, int>  $spent  goods that are spent besides, by the id of the material
     * @param  bool  $replans  whether anything of the plan or of its rolls is another afterwards
     */
    public function __construct(
        public string $key,
        public string $label,
        public array $effects,
        public Situation $then,
        public array $done = [],
        public array $undone = [],
        public array $spent = [],
        public bool $replans = true,
    ) {}

    /**
     * The same with what the trouble itself brings.
     *
     * @param  list<string>  $done
     * @param  list<string>  $undone
     */
    public function besides(array $done, array $undone): self
    {
        return new self(
            $this->key,
            $this->label,
            $this->effects,
            $this->then,
            array_values(array_unique([...$this->done, ...$done])),
            array_values(array_unique([...$this->undone, ...$undone])),
            $this->spent,
            $this->replans,
        );
    }
}
