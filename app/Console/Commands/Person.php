<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use App\Words\Text;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

final class Person extends Command
{
    use ReadsJson;

    protected $signature = 'yoke:person {name} {email : To sign in with} {--password= : Made up and printed without it}';

    protected $description = 'Let somebody sign in, or give them a new password';

    public function handle(): int
    {
        /** @var string $name */
        $name = $this->argument('name');
        /** @var string $email */
        $email = $this->argument('email');
        if (filter_var($email, FILTER_VALIDATE_EMAIL) === false || preg_match('/^[^<>[:cntrl:]]{1,80}$/u', $name) !== 1) {
            $this->complain(Text::of('command.name_and_email'));

            return 2;
        }
        $asked = $this->option('password');
        $password = is_string($asked) ? $asked : Str::password(16, true, true, false);
        User::query()->updateOrCreate(['email' => $email], ['name' => $name, 'password' => $password]);
        $this->output->writeln("{$name} signs in as {$email}".(is_string($asked) ? '.' : " with the password {$password}"));

        return self::SUCCESS;
    }
}
