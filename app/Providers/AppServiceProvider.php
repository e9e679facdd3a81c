<?php

declare(strict_types=1);

namespace App\Providers;

use App\Devices\Driver;
use App\Devices\LineDriver;
use App\Http\Middleware\QuietSession;
use App\Interchange\Job\WaitingImports;
use App\Models\User;
use App\Policies\UserPolicy;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Backups\BackupFolder;
use App\UseCases\Backups\BackupUpload;
use App\UseCases\Customers\ErasedTraces;
use App\UseCases\Door\JobHandedOver;
use App\UseCases\Door\JobWritten;
use App\UseCases\Experience\ShopExperience;
use App\UseCases\People\CommonPasswords;
use App\UseCases\People\OwnerCode;
use App\UseCases\People\PasswordCheck;
use App\UseCases\Settings\KeptSettings;
use App\UseCases\Shop\ShopHealth;
use App\Words\FamilyTranslator;
use Illuminate\Cache\RateLimiter;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Cache\Factory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Session\SessionManager;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\ServiceProvider;
use Illuminate\Translation\Translator;
use Yoke\Job\Shop\ShopRules;
use Yoke\Job\Shop\ShopSettings;

final class AppServiceProvider extends ServiceProvider
{
    /**
     * Requests of the HTTP interface from one address, whatever tokens they bring; each token has a limit of its own.
     */
    private const API_A_MINUTE = 600;

    public function register(): void
    {
        $this->app->scoped(ShopSettings::class, static fn (): ShopSettings => KeptSettings::read());
        $this->app->scoped(ShopRules::class, fn (): ShopRules => $this->app->make(ShopSettings::class)->rules());
        $this->app->scoped(JobAnalyses::class);
        $this->app->singleton(
            QuietSession::class,
            fn (): QuietSession => new QuietSession(
                $this->app->make(SessionManager::class),
                fn (): Factory => $this->app->make(Factory::class),
            ),
        );
        $this->app->extend(
            'translator',
            static fn (Translator $translator): FamilyTranslator => FamilyTranslator::of($translator),
        );
        $this->app->singleton(
            BackupFolder::class,
            static fn (): BackupFolder => new BackupFolder(
                (string) config('shop.backups'),
                (string) config('shop.backups_second'),
                (string) config('shop.backup_passphrase'),
            ),
        );
        $this->app->singleton(
            BackupUpload::class,
            static fn (): BackupUpload => new BackupUpload(storage_path('app/private/uploads')),
        );
        $this->app->singleton(
            ShopHealth::class,
            static fn (): ShopHealth => new ShopHealth((string) config('shop.backups')),
        );
        $this->app->singleton(
            CommonPasswords::class,
            static fn (): CommonPasswords => new CommonPasswords(resource_path('passwords.bin')),
        );
        $this->app->when(PasswordCheck::class)->needs('$rounds')->giveConfig('hashing.bcrypt.rounds');
        $this->app->bind(
            ErasedTraces::class,
            static fn (): ErasedTraces => new ErasedTraces(Storage::disk('local')),
        );
        $this->app->bind(
            WaitingImports::class,
            static fn (): WaitingImports => new WaitingImports(Storage::disk('local')),
        );
        $this->app->singleton(
            OwnerCode::class,
            static fn (): OwnerCode => new OwnerCode(Storage::disk('local')),
        );
        $this->app->singleton(
            Driver::class,
            static fn (): Driver => new LineDriver(
                (string) config('devices.host'),
                (int) config('devices.port'),
                (float) config('devices.patience'),
            ),
        );
    }

    public function boot(): void
    {
        Date::useClass(\Carbon\CarbonImmutable::class);
        $address = (string) config('shop.address');
        if ($address !== '') {
            URL::forceRootUrl($address);
            URL::forceScheme((string) parse_url($address, PHP_URL_SCHEME));
        }
        TrustProxies::at(array_values(array_filter(explode(',', (string) config('shop.proxies')))));
        // Once it is asked for: made sooner, it would count in whatever cache there is then.
        $this->callAfterResolving(
            RateLimiter::class,
            static fn (RateLimiter $limiter) => $limiter->for(
                'api',
                static fn (Request $request): Limit => Limit::perMinute(self::API_A_MINUTE)->by(
                    (string) $request->ip(),
                ),
            ),
        );
        Event::listen(
            JobWritten::class,
            fn (JobWritten $written) => $this->app->make(JobAnalyses::class)->forget($written->job),
        );
        // While nobody waits: what the job told, for those after it.
        Event::listen(
            JobHandedOver::class,
            fn (JobHandedOver $over) => defer(
                fn () => $this->app->make(ShopExperience::class)->learn($over->job),
            ),
        );
        Gate::define('own', static fn (User $person): bool => $person->role?->isOwner() ?? false);
        Gate::define('work', static fn (User $person): bool => $person->role?->worksOnJobs() ?? false);
        Gate::policy(User::class, UserPolicy::class);
        Model::shouldBeStrict($this->app->environment('testing') === true);
    }
}
