<?php

namespace App\Http\Requests;

use App\Models\ShelfForm;
use Davrin\Core\Words\Refused;
use Illuminate\Foundation\Http\FormRequest;

/** What is said anew of a form on the shelf: its measures, as blanks; what it is called and where it is kept. */
final class ShelfFormRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'set' => ['nullable', 'array', 'max:40'],
            'set.*' => ['nullable', 'string', 'max:400'],
            'name' => ['nullable', 'string', 'max:80'],
            'kept' => ['nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> typed, by the address of the blank */
    public function measures(): array
    {
        $typed = array_filter(
            (array) $this->input('set'),
            fn (mixed $text, mixed $address): bool => is_string($text) && str_starts_with((string) $address, 'form.'),
            ARRAY_FILTER_USE_BOTH,
        );

        return array_map(strval(...), $typed);
    }

    /**
     * @return array<string, string>
     *
     * @throws Refused for a name that is none
     */
    public function words(): array
    {
        $name = trim((string) $this->input('name'));

        return [
            ...($name === '' ? [] : ['name' => ShelfForm::nameBlank()->read($name, null)]),
            ...($this->has('kept') ? ['kept' => trim((string) $this->input('kept'))] : []),
        ];
    }
}
