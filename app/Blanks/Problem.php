<?php

namespace App\Blanks;

use Davrin\Core\Edit\BlankRefused;
use Throwable;

/** Why an edit was not taken, at which blank, and what was typed, so that nothing of it is lost. */
final readonly class Problem
{
    /**
     * @param  array<string, string>  $typed  by address of the blank
     * @param  ?string  $address  of the blank it stands at; null where it is about the whole edit
     */
    public function __construct(public string $sentence, public int $status, public array $typed, public ?string $address) {}

    /** @param  array<mixed>  $typed */
    public static function of(Throwable $why, int $status, array $typed): self
    {
        return new self(
            $why->getMessage(),
            $status,
            Typed::of($typed),
            $why instanceof BlankRefused ? $why->address : null,
        );
    }

    /** @param  array<mixed>  $typed */
    public static function said(string $sentence, int $status, array $typed): self
    {
        return new self($sentence, $status, Typed::of($typed), null);
    }

    public function at(string $slip): bool
    {
        return $this->address !== null && str_starts_with($this->address, "$slip.");
    }
}
