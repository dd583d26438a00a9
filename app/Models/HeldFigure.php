<?php

namespace App\Models;

use Davrin\Core\Learned\LearnedFigure;
use Davrin\Core\Learned\LearnedFigures;
use Illuminate\Database\Eloquent\Model;

/**
 * A figure that the maker holds, whatever the log says.
 *
 * @property int $id
 * @property string $key of its subject and scope
 * @property array<string, string|int> $figure as a plan file holds it
 * @property string $words what it is of
 */
final class HeldFigure extends Model
{
    protected $guarded = [];

    protected $casts = ['figure' => 'array'];

    public function figure(): LearnedFigure
    {
        return LearnedFigures::read([$this->figure])->all()[0];
    }
}
