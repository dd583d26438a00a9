<?php

declare(strict_types=1);

namespace Davrin\Core\Result;

use Davrin\Core\Cost\Cost;
use Davrin\Core\Estimate\Extent;
use Davrin\Core\Estimate\Fullness;
use Davrin\Core\Form\Form;
use Davrin\Core\Roll\Verdict;
use JsonSerializable;

/** All that follows from a plan: one tree, which every view, file and command reads. */
final readonly class Result implements JsonSerializable
{
    public const FORMAT = 'davrin-result';

    public const VERSION = 1;

    /**
     * @param  list<TieResult>  $ties
     * @param  list<PartResult>  $layers
     * @param  list<WoundResult>  $meshes
     * @param  list<Advice>  $advice
     */
    public function __construct(
        public string $name,
        public Verdict $verdict,
        public Tally $tally,
        public Form $form,
        public Extent $extent,
        public Fullness $fullness,
        public string $formWords,
        public array $ties,
        public array $layers,
        public array $meshes,
        public Cost $cost,
        public array $advice,
    ) {}

    /** @param  list<Advice>  $advice */
    public function advised(array $advice): self
    {
        return new self($this->name, $this->verdict, $this->tally, $this->form, $this->extent, $this->fullness, $this->formWords, $this->ties, $this->layers, $this->meshes, $this->cost, $advice);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'name' => $this->name,
            'verdict' => $this->verdict,
            'tally' => $this->tally,
            'form' => ['words' => $this->formWords, ...$this->form->jsonSerialize()],
            'ties' => $this->ties,
            'layers' => $this->layers,
            'meshes' => $this->meshes,
            'cost' => $this->cost,
            'advice' => $this->advice,
        ];
    }
}
