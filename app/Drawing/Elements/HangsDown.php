<?php

namespace App\Drawing\Elements;

/** An element that hangs down whichever way its tie looks: it is drawn upright and not turned. */
interface HangsDown {}
