<?php

declare(strict_types=1);

namespace Davrin\Core\PlanFile;

use Closure;
use Davrin\Core\Words\Fault;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Schema;
use Opis\JsonSchema\Validator;
use stdClass;

/** Holds a document against a schema and says the first fault in a sentence, with its JSON pointer. */
final class SchemaCheck
{
    private readonly Validator $validator;

    private ?Schema $read = null;

    /** @param  Closure(): array<string, mixed>  $schema  asked for once, when the first document is held against it */
    public function __construct(private readonly Closure $schema)
    {
        $this->validator = new Validator;
    }

    /** @throws Fault */
    public function check(stdClass $document): void
    {
        $error = $this->validator->schemaValidation($document, $this->read ??= $this->parsed());
        if ($error !== null) {
            throw self::fault(self::deepest($error));
        }
    }

    private function parsed(): Schema
    {
        return $this->validator->loader()->loadObjectSchema(
            (object) json_decode(json_encode(($this->schema)(), JSON_THROW_ON_ERROR), false, 512, JSON_THROW_ON_ERROR),
        );
    }

    /**
     * The first fault of the first branch: a value that fails one rule is not helped by hearing of the others. Where one of several
     * would do, all of them are told.
     */
    private static function deepest(ValidationError $error): ValidationError
    {
        if (in_array($error->keyword(), ['anyOf', 'oneOf'], true)) {
            return $error;
        }
        foreach ($error->subErrors() as $below) {
            return self::deepest($below instanceof ValidationError ? $below : $error);
        }

        return $error;
    }

    private static function fault(ValidationError $error): Fault
    {
        $pointer = implode('', array_map(fn (int|string $key): string => '/'.Fault::escaped((string) $key), $error->data()->fullPath()));
        $arguments = $error->args();
        if ($error->keyword() === 'additionalProperties') {
            $key = self::first($arguments['properties'] ?? []);

            return Fault::unknownKey($pointer, $key, self::known($error));
        }

        return Fault::at($pointer, $error->keyword() === 'required'
            ? sprintf('"%s" is missing here.', self::first($arguments['missing'] ?? []))
            : SchemaWords::sentence(
                $error->schema()->info()->data(),
                $error->data()->value(),
                array_values($error->data()->fullPath()),
            ));
    }

    /** @return list<string> */
    private static function known(ValidationError $error): array
    {
        $schema = $error->schema()->info()->data();

        return is_object($schema) && isset($schema->properties) && is_object($schema->properties)
            ? array_keys(get_object_vars($schema->properties))
            : [];
    }

    private static function first(mixed $list): string
    {
        $first = is_array($list) ? reset($list) : $list;

        return is_scalar($first) ? (string) $first : '';
    }
}
