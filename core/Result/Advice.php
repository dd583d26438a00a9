<?php

declare(strict_types=1);

namespace Davrin\Core\Result;

use JsonSerializable;

/** A warning before the scissors: what is wrong, under which sentence it stands, which ties it touches, what can be done. */
final readonly class Advice implements JsonSerializable
{
    /**
     * @param  string  $about  the address of the sentence that causes it
     * @param  list<string>  $materials  it is about, by id; none where it is not about a mesh
     * @param  list<int>  $ties
     * @param  list<Remedy>  $remedies
     * @param  array<string, list<int>>  $rolls  the numbers of the rolls it means, by material, where it means certain ones
     */
    public function __construct(
        public string $rule,
        public string $about,
        public array $materials,
        public string $title,
        public string $sentence,
        public array $ties,
        public array $remedies,
        public array $rolls = [],
    ) {}

    /** The whole of it in one line. */
    public function words(): string
    {
        return "$this->title $this->sentence";
    }

    /** The same with another remedy. */
    public function and(Remedy $remedy): self
    {
        return new self(
            $this->rule,
            $this->about,
            $this->materials,
            $this->title,
            $this->sentence,
            $this->ties,
            [...$this->remedies, $remedy],
            $this->rolls,
        );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'rule' => $this->rule,
            'about' => $this->about,
            'materials' => $this->materials,
            'title' => $this->title,
            'sentence' => $this->sentence,
            'ties' => $this->ties,
            'rolls' => (object) $this->rolls,
            'remedies' => $this->remedies,
        ];
    }
}
