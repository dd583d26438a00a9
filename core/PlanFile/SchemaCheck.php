<?php

declare(strict_types=1);

namespace Davrin\Core\PlanFile;

use Davrin\Core\Words\Fault;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use stdClass;

/** Holds a document against the schema and says the first fault in a sentence, with its JSON pointer. */
final readonly class SchemaCheck
{
    public function __construct(private PlanSchema $schema) {}

    /** @throws Fault */
    public function check(stdClass $document): void
    {
        $error = (new Validator)->validate($document, json_encode($this->schema->document(), JSON_THROW_ON_ERROR))->error();
        if ($error !== null) {
            throw $this->fault($this->deepest($error));
        }
    }

    /** The first fault of the first branch: a value that fails one rule is not helped by hearing of the others. */
    private function deepest(ValidationError $error): ValidationError
    {
        foreach ($error->subErrors() as $below) {
            return $this->deepest($below instanceof ValidationError ? $below : $error);
        }

        return $error;
    }

    private function fault(ValidationError $error): Fault
    {
        $pointer = implode('', array_map(fn (int|string $key): string => '/'.Fault::escaped((string) $key), $error->data()->fullPath()));
        $arguments = $error->args();
        if ($error->keyword() === 'additionalProperties') {
            $key = $this->first($arguments['properties'] ?? []);

            return Fault::unknownKey($pointer, $key, $this->known($error));
        }

        return Fault::at($pointer, match ($error->keyword()) {
            'required' => sprintf('"%s" is missing here.', $this->first($arguments['missing'] ?? [])),
            'type' => sprintf(
                'This must be %s, not %s.',
                $this->typeWords($arguments['expected'] ?? ''),
                $this->typeWords($arguments['type'] ?? ''),
            ),
            'enum' => 'This must be one of '.implode(
                ', ',
                array_map(strval(...), $this->scalars($error->schema()->info()->data(), 'enum')),
            ).'.',
            'minItems' => sprintf('This list must hold at least %s.', $this->first([$arguments['min'] ?? ''])),
            'maxItems' => sprintf('This list may hold at most %s.', $this->first([$arguments['max'] ?? ''])),
            'minimum' => sprintf('This must be at least %s.', $this->first([$arguments['min'] ?? ''])),
            'maximum' => sprintf('This must be at most %s.', $this->first([$arguments['max'] ?? ''])),
            'minLength', 'maxLength' => 'This text is too short or too long.',
            'pattern' => 'This is not written the way it must be; see docs/plan-format.md for how.',
            default => sprintf('This does not fit the plan format (%s).', $error->keyword()),
        });
    }

    /** @return list<string> */
    private function known(ValidationError $error): array
    {
        $schema = $error->schema()->info()->data();

        return is_object($schema) && isset($schema->properties) && is_object($schema->properties)
            ? array_keys(get_object_vars($schema->properties))
            : [];
    }

    /** @return list<scalar> */
    private function scalars(mixed $schema, string $keyword): array
    {
        $list = is_object($schema) ? $schema->{$keyword} ?? [] : [];

        return array_values(array_filter(is_array($list) ? $list : [], is_scalar(...)));
    }

    private function first(mixed $list): string
    {
        $first = is_array($list) ? reset($list) : $list;

        return is_scalar($first) ? (string) $first : '';
    }

    private function typeWords(mixed $type): string
    {
        return match ($this->first($type)) {
            'string' => 'a text in quotes',
            'integer' => 'a whole number',
            'number' => 'a number with a fraction',
            'array' => 'a list',
            'object' => 'an object',
            'boolean' => 'true or false',
            'null' => 'empty',
            default => 'something else',
        };
    }
}
