<?php

namespace App\Http\Requests;

use Davrin\Core\Bench\Mark;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

/** Ticks from the bench: several that were kept while the server was away, or one by a plain form. */
final class TickRequest extends FormRequest
{
    /** So many come at once; a browser that has more sends them in parts. */
    public const MOST = 500;

    private const DAY = 86_400;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'ticks' => ['required', 'array', 'max:'.self::MOST],
            'ticks.*.token' => ['required', 'string', 'max:80', 'regex:/^[A-Za-z0-9-]{8,80}$/'],
            'ticks.*.unit' => ['required', 'string', 'max:160'],
            'ticks.*.deed' => ['required', 'string', Rule::enum(Mark::class)],
            'ticks.*.seconds' => ['nullable', 'numeric'],
            'ticks.*.note' => ['nullable', 'string', 'max:500'],
            'ticks.*.at' => ['nullable', 'numeric'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*' => 'That was no tick of this bench. Load the page again, and go on where it opens.'];
    }

    /** @return list<array{token: string, unit: string, deed: Mark, seconds: int, note: string, made_at: Carbon}> */
    public function ticks(): array
    {
        return array_values(array_map(fn (array $tick): array => [
            'token' => $tick['token'],
            'unit' => $tick['unit'],
            'deed' => Mark::from($tick['deed']),
            'seconds' => (int) max(0, min(self::DAY, (float) ($tick['seconds'] ?? 0))),
            'note' => trim($tick['note'] ?? ''),
            'made_at' => $this->madeAt($tick['at'] ?? null),
        ], $this->validated('ticks')));
    }

    public function since(): int
    {
        return is_numeric($this->input('since')) ? (int) $this->input('since') : 0;
    }

    protected function prepareForValidation(): void
    {
        if (! $this->isJson()) {
            $this->merge(['ticks' => [$this->only(['token', 'unit', 'deed', 'seconds', 'note', 'at'])]]);
        }
    }

    /** By the clock of the browser, in milliseconds, where that can be; else now. */
    private function madeAt(mixed $at): Carbon
    {
        $seconds = is_numeric($at) ? (float) $at / 1000 : 0.0;

        return $seconds > 1e9 && $seconds < 1e10 ? new Carbon('@'.(int) $seconds) : new Carbon;
    }
}
