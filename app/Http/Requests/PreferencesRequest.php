<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Language;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Yoke\Foundation\Units\Text\Fineness;

final class PreferencesRequest extends FormRequest
{
    use TypedInput;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'fineness' => ['sometimes', 'required', Rule::enum(Fineness::class)],
            'language' => ['sometimes', 'required', Rule::enum(Language::class)],
            'theme' => ['sometimes', 'required', Rule::in(User::THEMES)],
        ];
    }
}
