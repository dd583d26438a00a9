<?php

namespace App\Providers;

use App\Database\ImmediateConnector;
use App\Devices\LabelPrinter;
use App\Devices\PlayedLabelPrinter;
use App\Devices\PlayedScale;
use App\Devices\Scale;
use App\Drawing\Drawings;
use App\Guide\States;
use App\Sessions\FileSessions;
use App\Settings\House;
use App\Settings\LearnedNow;
use Davrin\Core\Craft\Craft;
use Davrin\Core\Engine\Engine;
use Davrin\Core\Guide\Guide;
use Davrin\Core\Plan\PlanReader;
use Davrin\Core\PlanFile\PlanFile;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\HtmlString;
use Illuminate\Support\ServiceProvider;
use Illuminate\Support\Str;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Craft::class, fn () => Craft::standard());
        $this->app->singleton(Engine::class, fn ($app) => Engine::standard($app->make(Craft::class)));
        $this->app->singleton(PlanReader::class);
        $this->app->singleton(Drawings::class);
        $this->app->singleton(Guide::class, fn ($app) => Guide::of($app->make(Craft::class)));
        $this->app->singleton(States::class);
        $this->app->scoped(House::class);
        $this->app->scoped(LearnedNow::class);
        $this->app->bind('db.connector.sqlite', ImmediateConnector::class);
        $this->app->bind(Scale::class, PlayedScale::class);
        $this->app->bind(LabelPrinter::class, PlayedLabelPrinter::class);
        $this->app->singleton(PlanFile::class, fn ($app) => new PlanFile($app->make(Craft::class)));
    }

    public function boot(): void
    {
        // What is registered and does not fit together, or has no drawing, is told here and not where somebody looks for it.
        $this->app->make(Craft::class)->mustBeWhole();
        $this->app->make(Drawings::class);
        Session::extend(
            'files',
            fn ($app): FileSessions => new FileSessions($app['files'], config('session.files'), config('session.lifetime')),
        );
        // A number and its fraction stay on one line.
        Str::macro('unbroken', fn (string $text): HtmlString => new HtmlString(
            Str::replaceMatches('/\d+ \d+\/\d+/', '<span class="whitespace-nowrap">$0</span>', e($text)),
        ));
        Model::shouldBeStrict(! $this->app->environment('production'));
    }
}
