<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Revocation;
use App\Models\Role;
use App\Models\User;
use App\UseCases\Audit\AuditEvent;
use App\UseCases\Audit\AuditLog;
use App\UseCases\People\OwnerCode;
use App\UseCases\People\Sessions;
use App\Words\Text;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

final class Person extends Command
{
    use ReadsJson;

    protected $signature = 'yoke:person {name} {email : To sign in with} {--password= : Made up and printed '.
        'without it} {--role= : owner, fitter or desk; the first person is an owner, all others fitters, without it}';

    protected $description = 'Let somebody sign in, or give them a new password';

    public function handle(AuditLog $deeds): int
    {
        /** @var string $name */
        $name = $this->argument('name');
        /** @var string $email */
        $email = $this->argument('email');
        $role = is_string($this->option('role')) ? Role::tryFrom($this->option('role')) : $this->usual($email);
        if (
            filter_var($email, FILTER_VALIDATE_EMAIL) === false ||
            preg_match('/^[^<>[:cntrl:]]{1,80}$/u', $name) !== 1 ||
            $role === null
        ) {
            $this->complain(Text::of('command.name_and_email'));

            return 2;
        }
        $asked = $this->option('password');
        $password = is_string($asked) ? $asked : Str::password(16, true, true, false);
        Revocation::Person->lift(Revocation::ofAddress($email));
        Revocation::ofRole($email, $role);
        $person = User::query()->updateOrCreate(
            ['email' => $email],
            ['name' => $name, 'password' => $password, 'role' => $role, 'left_at' => null],
        );
        Sessions::end($person);
        $deeds->record(AuditEvent::PasswordChanged, null, ['name' => $name]);
        $this->output->writeln(
            "{$name} signs in as {$email}".(is_string($asked) ? '.' : " with the password {$password}"),
        );

        return self::SUCCESS;
    }

    private function usual(string $email): Role
    {
        return User::query()->where('email', $email)->first()->role ??
            (OwnerCode::isAwaited() ? Role::Owner : Role::Fitter);
    }
}
