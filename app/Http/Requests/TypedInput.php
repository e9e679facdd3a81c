<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use BackedEnum;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;

/**
 * What a browser asks or sends, read by the shape that is expected of it. A list where a text is expected counts as
 * nothing
 * typed, so that whoever reads it says what was expected; what is kept for the page that shows the refusal is text
 * only.
 *
 * @phpstan-require-extends FormRequest
 */
trait TypedInput
{
    /** Where a page says in a form which page it is: browsers send no referrer here. */
    public const FROM = '_from';

    /** Nobody types more into a field; it would be kept in the session with what was refused. */
    private const LONGEST_TEXT = 100_000;

    private const LARGEST_WHOLE = 1_000_000_000;

    /** Whoever is signed in: the route asks for it. */
    public function person(): User
    {
        /** @var User */
        return $this->user();
    }

    /** To the letter; an empty text where nothing, or no text, was sent. */
    public function text(string $name): string
    {
        $sent = $this->input($name);

        return is_string($sent) || is_int($sent) || is_float($sent) ? (string) $sent : '';
    }

    /** @return array<string, string> all the texts of the form, to the letter; none that nobody can have typed */
    public function typed(): array
    {
        /** @var array<string, string> */
        return array_filter(
            $this->except([
                '_token',
                '_once',
                self::FROM,
                'password',
                'password_again',
                'password_now',
                'passphrase',
                'passphrase_again',
            ]),
            static fn (mixed $sent): bool => is_string($sent) && strlen($sent) <= self::LONGEST_TEXT,
        );
    }

    /**
     * @param  list<string>  $names
     * @return array<string, string> those of them that are texts
     */
    public function texts(array $names): array
    {
        return array_intersect_key($this->typed(), array_flip($names));
    }

    /** @return array<string, string> all texts and numbers that a program sent, to the letter */
    public function sent(): array
    {
        $isSaid = static fn (mixed $sent): bool => is_string($sent) || is_int($sent) || is_float($sent);

        /** @var array<string, string> */
        return array_map(strval(...), array_filter($this->except(['_once']), $isSaid));
    }

    /** @return array<array-key, string> the texts of a list of the form, by their keys */
    public function lists(string $name): array
    {
        $sent = $this->input($name);

        return array_filter(is_array($sent) ? $sent : [], is_string(...));
    }

    public function whole(string $name, int $least = 0, int $most = self::LARGEST_WHOLE): int
    {
        return max($least, min($most, (int) $this->text($name)));
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $of
     * @return T|null
     */
    public function choice(string $name, string $of): ?BackedEnum
    {
        return $of::tryFrom($this->text($name));
    }

    /** @return array<string, float> by adjuster, as the steppers send them */
    public function steps(string $name = 'steps'): array
    {
        $sent = $this->input($name);
        $steps = array_map(floatval(...), array_filter(is_array($sent) ? $sent : [], is_numeric(...)));

        /** @var array<string, float> */
        return array_filter(
            $steps,
            static fn (float $step, int|string $adjuster): bool => is_finite($step) && is_string($adjuster),
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /** @return array<string, float|null> the same, null where the form or the program says that nobody knows it */
    public function recordedSteps(string $name = 'steps'): array
    {
        $sent = $this->input($name);
        $isUnsaid = static fn (mixed $step, int|string $adjuster): bool => ($step ?? '') === '' && is_string($adjuster);
        $unsaid = array_filter(is_array($sent) ? $sent : [], $isUnsaid, ARRAY_FILTER_USE_BOTH);

        /** @var array<string, null> $unsaid */
        $unsaid = array_fill_keys(array_keys($unsaid), null);

        return [...$this->steps($name), ...$unsaid];
    }

    /** The page of this shop that the form stood on. */
    public function from(string $otherwise = '/'): string
    {
        $from = $this->text(self::FROM);

        return preg_match('#^/(?![/\\\\])[\x21-\x7E]*$#', $from) === 1 ? $from : $otherwise;
    }

    /**
     * Back to the page of the form, with what was typed and a sentence beside each field.
     *
     * @param  array<string, string>  $says  by field
     */
    public function refuse(array $says): never
    {
        $refused = ValidationException::withMessages($says);
        $refused->response = $this->expectsJson() ? null : $this->backWith($refused->errors());

        throw $refused;
    }

    protected function failedValidation(Validator $validator): never
    {
        throw new ValidationException(
            $validator,
            $this->expectsJson() ? null : $this->backWith($validator->errors()->toArray()),
            $this->errorBag,
        );
    }

    /** @param  array<array-key, mixed>  $errors */
    private function backWith(array $errors): RedirectResponse
    {
        return redirect()
            ->to($this->from($this->redirector->getUrlGenerator()->previous('/')))
            ->withInput($this->typed())
            ->withErrors($errors, $this->errorBag);
    }
}
