<?php

namespace App\Drawing\Elements;

/** An element that is turned by so much as was written of it, and not with the row it stands on. */
interface StandsUpright {}
