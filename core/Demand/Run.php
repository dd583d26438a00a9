<?php

declare(strict_types=1);

namespace Davrin\Core\Demand;

use Davrin\Core\Measure\Length;

/**
 * Continuous mesh tied again and again, in one strand or several tied together at every tie. It may change rolls only at a
 * tie, and each roll pays both tails.
 */
final readonly class Run
{
    /**
     * @param  non-empty-list<string>  $strands  the mesh of each, by id
     * @param  non-empty-list<Step>  $steps
     * @param  bool  $together  where one strand's roll ends all end and begin anew, or that one alone changes
     * @param  ?string  $endsTake  the kind of goods that holds an end of it, one more where rolls change; null where it is tied
     * @param  bool  $byEye  whether nobody measures its pitch, so that what rests on it is an estimate
     * @param  bool  $sooner  whether strands that end together may end before their rolls do, where that saves a roll
     */
    public function __construct(
        public string $part,
        public array $strands,
        public Length $startTail,
        public array $steps,
        public Length $endTail,
        public bool $together = true,
        public ?string $endsTake = null,
        public bool $sooner = false,
        public bool $byEye = false,
    ) {}

    /** One strand of it by itself. */
    public function of(string $strand): self
    {
        return new self(
            $this->part,
            [$strand],
            $this->startTail,
            $this->steps,
            $this->endTail,
            endsTake: $this->endsTake,
            byEye: $this->byEye,
        );
    }

    /** @param  non-empty-list<Step>  $steps  those of it that are laid */
    public function with(array $steps): self
    {
        return new self(
            $this->part,
            $this->strands,
            $this->startTail,
            $steps,
            $this->endTail,
            $this->together,
            $this->endsTake,
            $this->sooner,
            $this->byEye,
        );
    }

    /**
     * The same once it is of one of several copies, or of several plans, by what they are told apart by.
     *
     * @param  ?non-empty-list<string>  $strands  by what its meshes are known there, where that is otherwise
     */
    public function ofPart(string $prefix, ?array $strands = null): self
    {
        return new self(
            "$prefix/$this->part",
            $strands ?? $this->strands,
            $this->startTail,
            array_map(fn (Step $step): Step => $step->ofPart($prefix), $this->steps),
            $this->endTail,
            $this->together,
            $this->endsTake,
            $this->sooner,
            $this->byEye,
        );
    }

    public function tails(): Length
    {
        return $this->startTail->plus($this->endTail);
    }

    /** What each strand takes when no roll ends under way. */
    public function length(): Length
    {
        return $this->tails()->plus(...array_map(fn (Step $step): Length => $step->length(), $this->steps));
    }
}
