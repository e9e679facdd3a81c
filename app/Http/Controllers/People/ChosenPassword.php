<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Requests\Asked;
use App\Models\User;
use App\UseCases\People\NewPassword;
use App\Words\Text;

/** A password that somebody chooses in a form, with the sentence where it cannot be one. */
final readonly class ChosenPassword
{
    public function __construct(private NewPassword $rule)
    {
    }

    /**
     * @param  list<string>  $of  names and addresses of the person
     */
    public function in(Asked $request, array $of): string
    {
        $password = $request->text('password');
        $names = [];
        foreach ($of as $name) {
            $names = [...$names, $name, ...preg_split('/[\s@.]+/', $name) ?: []];
        }
        $problem = $this->rule->problem($password, $request->text('password_again'), $names);

        return $problem === ''
            ? $password
            : $request->refuse([
                'password' => Text::of("screen.people.password-{$problem}", ['least' => NewPassword::LEAST]),
            ]);
    }

    /** @return list<string> */
    public static function names(User $person): array
    {
        return [$person->name, $person->email];
    }
}
