<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Http\Requests\TypedInput;
use App\Words\Text;
use Illuminate\Foundation\Http\FormRequest;

final class SignInRequest extends FormRequest
{
    use TypedInput;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string'], 'password' => ['required', 'string']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'email.*' => Text::of('screen.people.email-expected'),
            'password.*' => Text::of('screen.people.password-expected'),
        ];
    }
}
