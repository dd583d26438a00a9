<?php

declare(strict_types=1);

namespace Davrin\Core\Plan;

use Davrin\Core\Form\Form;

/** The form that was built last: a remedy is sought on the same form again and again. */
final class LastForm
{
    private ?string $key = null;

    private ?Form $form = null;

    /** @param  callable(): Form  $build */
    public function orBuilt(string $key, callable $build): Form
    {
        if ($this->form === null || $this->key !== $key) {
            [$this->form, $this->key] = [$build(), $key];
        }

        return $this->form;
    }
}
