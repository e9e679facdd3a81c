<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Customer;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Day\DayBook;
use Illuminate\Support\Facades\Date;

/** Who brings the rigs of the demo, and when: its open jobs stand in two bays today. */
final readonly class DemoDay
{
    /** Minutes after midnight, bay, whose. */
    private const SLOTS = [[510, '1', 'ibby'], [540, '2', 'wren'], [660, '1', 'ibby'], [810, '2', 'wren']];

    private const CUSTOMERS = [
        ['Perpetua Lisle', '+1 555 0141', 'planetarium@lisle.example'],
        ['Ludo Finch', '+1 555 0107', null],
    ];

    /** @param  array<string, User>  $people */
    public function __construct(private array $people, private DayBook $book)
    {
    }

    public function run(): void
    {
        $open = Job::query()->whereNull('handed_over_at')->orderBy('id')->limit(count(self::SLOTS))->get();
        foreach ($open as $i => $job) {
            [$minute, $bay, $whose] = self::SLOTS[$i];
            $this->book->put($job, $minute, $bay, $this->people[$whose]);
        }
        $finished = Job::query()
            ->with('rig')
            ->whereNotNull('handed_over_at')
            ->orderByDesc('id')
            ->get()
            ->unique('rig_id')
            ->values();
        foreach (self::CUSTOMERS as $i => [$name, $phone, $mail]) {
            $customer = Customer::query()->create([
                'name' => $name,
                'phone' => $phone,
                'mail' => $mail,
                'agreed_at' => Date::now(),
                'agreed_with' => $this->people['wren']->id,
            ]);
            ($finished[$i] ?? null)?->rig->update(['customer_id' => $customer->id]);
        }
    }
}
