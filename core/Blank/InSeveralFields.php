<?php

declare(strict_types=1);

namespace Davrin\Core\Blank;

/**
 * A blank that is written in several fields beside each other. What is sent of them is put together again as the text that
 * the blank reads: the fields of an entry with a space between them, entries with a plus sign.
 *
 * @template T
 */
interface InSeveralFields
{
    /**
     * @param  T  $value
     * @return list<list<Field>> entry by entry
     */
    public function fields(mixed $value): array;
}
