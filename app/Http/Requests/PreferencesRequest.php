<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Yoke\Units\Text\Fineness;

final class PreferencesRequest extends FormRequest
{
    use TypedInput;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['fineness' => ['sometimes', 'required', Rule::enum(Fineness::class)], 'theme' => ['sometimes', 'required', Rule::in(array_keys(User::THEMES))]];
    }
}
