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
     */
    public function __construct(
        public string $rule,
        public string $about,
        public array $materials,
        public string $title,
        public string $sentence,
        public array $ties,
        public array $remedies,
    ) {}

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
            'remedies' => $this->remedies,
        ];
    }
}
