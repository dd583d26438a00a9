<?php

namespace App\Http\Requests;

use App\Batch\Choosing;
use Davrin\Core\Measure\Currency;
use Davrin\Core\Measure\Money;
use Davrin\Core\Price\CostSheet;
use Davrin\Core\Words\Refused;
use Illuminate\Foundation\Http\FormRequest;

/** What is tried on the cost sheet of a plan. What cannot be read stays as it was typed, and the usual is shown. */
final class PriceRequest extends FormRequest
{
    /** @var array<string, string> what is wrong, by the field */
    private array $problems = [];

    public function copies(): int
    {
        return $this->number('copies', Choosing::MOST_COPIES) ?? 1;
    }

    public function minutes(): ?int
    {
        return $this->number('minutes', CostSheet::MOST_MINUTES);
    }

    /** The id of a place of sale. */
    public function place(): string
    {
        return $this->typed('place');
    }

    /** A price to try; null where none is typed that can be asked. */
    public function asked(Currency $currency): ?Money
    {
        if ($this->typed('asked') === '') {
            return null;
        }
        try {
            $asked = Money::read($this->typed('asked'), $currency);
        } catch (Refused $refused) {
            $this->problems['asked'] = $refused->getMessage();

            return null;
        }
        if ($asked->cents < 1) {
            $least = Money::cents(1, $currency)->shown();
            $this->problems['asked'] = "{$asked->shown()} sells nothing. Ask $least or more; what is worked out is shown.";

            return null;
        }

        return $asked;
    }

    /** @return array<string, string> */
    public function problems(): array
    {
        return $this->problems;
    }

    public function typed(string $field): string
    {
        $typed = $this->input($field);

        return is_string($typed) ? mb_substr(trim($typed), 0, 40) : '';
    }

    /** @return array<string, string> what was typed, for the way to this very sheet */
    public function asTyped(): array
    {
        $typed = [];
        foreach (['copies', 'minutes', 'place', 'asked'] as $field) {
            $typed[$field] = $this->typed($field);
        }

        return array_filter($typed, fn (string $its): bool => $its !== '');
    }

    private function number(string $field, int $most): ?int
    {
        $typed = (string) preg_replace('/\s*min(utes)?$/', '', $this->typed($field));
        if ($typed === '') {
            return null;
        }
        if (preg_match('/^\d{1,6}$/D', $typed) !== 1 || (int) $typed < 1 || (int) $typed > $most) {
            $this->problems[$field] = sprintf('Write a whole number from 1 to %d here; "%s" is not one.', $most, $this->typed($field));

            return null;
        }

        return (int) $typed;
    }
}
