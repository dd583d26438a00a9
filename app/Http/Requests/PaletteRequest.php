<?php

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The colours of a maker's ribbon or sign, as they are typed: "#1d6a6b, #d9a93a". */
final class PaletteRequest extends FormRequest
{
    private const MOST = 6;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['palette' => ['nullable', 'string', 'max:200'], 'greys' => ['nullable', 'string']];
    }

    public function typed(): string
    {
        return trim((string) $this->input('palette'));
    }

    /** @return list<string> those that are colours */
    public function palette(): array
    {
        preg_match_all('/#[0-9a-f]{6}\b/', mb_strtolower($this->typed()), $found);

        return array_slice(array_values(array_unique($found[0])), 0, self::MOST);
    }

    /** What is wrong with what was typed, and how to mend it. */
    public function problem(): ?string
    {
        $parts = preg_split('/[\s,;]+/', $this->typed(), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $wrong = array_values(array_filter($parts, fn (string $part): bool => preg_match('/^#[0-9a-f]{6}$/i', $part) !== 1));

        return match (true) {
            $wrong !== [] => sprintf(
                '"%s" is not a colour. Write # and six digits from 0 to 9 and a to f, like "#1d6a6b", with commas between them.',
                mb_substr($wrong[0], 0, 40),
            ),
            count($parts) > self::MOST => sprintf('That are %d colours; the first %d are tried.', count($parts), self::MOST),
            default => null,
        };
    }

    public function inGreys(): bool
    {
        return $this->input('greys') === 'on';
    }
}
