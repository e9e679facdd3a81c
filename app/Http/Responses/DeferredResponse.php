<?php

declare(strict_types=1);

namespace App\Http\Responses;

use Closure;
use Illuminate\Http\JsonResponse;

/** An answer whose drawing waits until everything is saved, so that nobody waits for a drawing to save. */
final class DeferredResponse extends JsonResponse
{
    /**
     * @param  array<string, mixed>  $facts  what was saved
     * @param  Closure(): array<string, mixed>  $drawing  the whole answer
     */
    public function __construct(array $facts, private readonly Closure $drawing)
    {
        parent::__construct($facts);
    }

    public function complete(): JsonResponse
    {
        return new JsonResponse(($this->drawing)());
    }
}
