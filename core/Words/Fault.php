<?php

declare(strict_types=1);

namespace Davrin\Core\Words;

/** What is wrong in a plan, with the JSON pointer (RFC 6901) of the place. */
final class Fault extends Refused
{
    private function __construct(public readonly string $pointer, string $sentence)
    {
        parent::__construct($sentence);
    }

    public static function at(string $pointer, string $sentence): self
    {
        return new self($pointer, $sentence);
    }

    /**
     * What is refused in a part of a document is refused at its place in the whole.
     *
     * @template T
     *
     * @param  callable(): T  $read
     * @return T
     *
     * @throws self whose pointer begins with that
     */
    public static function under(string $pointer, callable $read): mixed
    {
        try {
            return $read();
        } catch (Refused $refused) {
            throw new self($pointer.($refused instanceof self ? $refused->pointer : ''), $refused->getMessage());
        }
    }

    /** @param  list<int|string>  $known */
    public static function unknownKey(string $pointer, string $key, array $known): self
    {
        return new self(
            $pointer.'/'.self::escaped($key),
            sprintf(
                '"%s" is not known here. %s',
                mb_substr($key, 0, 40),
                $known === [] ? 'Nothing can stand here.' : 'Known are: '.implode(', ', $known).'.',
            ),
        );
    }

    public static function noBlank(string $address): self
    {
        return new self(
            '',
            sprintf(
                'The plan has no blank "%s". It may have been changed in another window; load the page again.',
                mb_substr($address, 0, 60),
            ),
        );
    }

    public static function escaped(string $key): string
    {
        return strtr($key, ['~' => '~0', '/' => '~1']);
    }
}
