<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\ServiceProvider;
use Yoke\Tape\HeightDoubt;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(HeightDoubt::class, function (): HeightDoubt {
            /** @var array<string, float> $doubt */
            $doubt = config('shop.doubt');

            return new HeightDoubt(...$doubt);
        });
    }

    public function boot(): void
    {
        Date::useClass(\Carbon\CarbonImmutable::class);
        Model::shouldBeStrict($this->app->environment('testing') === true);
    }
}
