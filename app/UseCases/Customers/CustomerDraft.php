<?php

declare(strict_types=1);

namespace App\UseCases\Customers;

use App\Models\Customer;
use App\Models\User;
use App\Words\Text;
use Illuminate\Support\Facades\Date;

/** A customer as typed: either what is wrong with it, or kept with their consent. */
final readonly class CustomerDraft
{
    private const LONGEST = 120;

    /** @param  array<string, string>  $typed */
    public function __construct(private array $typed)
    {
    }

    /** @return array<string, string> a sentence by field */
    public function problems(): array
    {
        $name = $this->text('name');

        return array_filter([
            'name' => $name === '' || mb_strlen($name) > self::LONGEST || preg_match('/[<>[:cntrl:]]/u', $name) !== 0
                    ? Text::of('customer.expected_name')
                    : '',
            'phone' => preg_match('/^(\+?[\d\s().\/-]{4,39})?$/', $this->text('phone')) === 1
                    ? ''
                    : Text::of('customer.expected_phone'),
            'mail' => $this->text('mail') === '' || filter_var($this->text('mail'), FILTER_VALIDATE_EMAIL) !== false
                    ? ''
                    : Text::of('customer.expected_mail'),
            'agreed' => $this->text('agreed') === '1' ? '' : Text::of('customer.expected_consent'),
        ]);
    }

    public function keep(Customer $customer, User $by): Customer
    {
        $agreed = $customer->agreed_at === null ? ['agreed_at' => Date::now(), 'agreed_with' => $by->id] : [];
        $customer
            ->fill([
                'name' => $this->text('name'),
                'phone' => $this->text('phone') ?: null,
                'mail' => $this->text('mail') ?: null,
                ...$agreed,
            ])
            ->save();

        return $customer;
    }

    private function text(string $field): string
    {
        return trim($this->typed[$field] ?? '');
    }
}
