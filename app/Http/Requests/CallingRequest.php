<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\CallingPreferences;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class CallingRequest extends FormRequest
{
    use TypedInput;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['pause' => ['required', Rule::in(array_map(strval(...), CallingPreferences::PAUSES))]];
    }

    public function preferences(): CallingPreferences
    {
        return new CallingPreferences($this->boolean('sixteenths'), $this->whole('pause'), $this->boolean('aloud'));
    }
}
