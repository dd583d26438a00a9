<?php

namespace App\Exceptions;

use RuntimeException;

/** The plan was changed elsewhere since this page was shown. */
final class StalePlan extends RuntimeException
{
    public function __construct()
    {
        parent::__construct(
            'This plan was changed in another window meanwhile; here it is as it is now. What you wrote is still in its blank but '
                .'not saved: press Enter in it to write it into the plan as it is now.',
        );
    }
}
