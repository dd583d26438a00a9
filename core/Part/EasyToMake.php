<?php

declare(strict_types=1);

namespace Davrin\Core\Part;

/** A kind of part that forgives a beginner: few cuts, little fray, nothing to roll or to hold together while it is tied (a guess). */
interface EasyToMake {}
