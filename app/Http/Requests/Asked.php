<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A page that is asked for, or a form whose reader says itself, field by field, what was expected. */
final class Asked extends FormRequest
{
    use TypedInput;
}
