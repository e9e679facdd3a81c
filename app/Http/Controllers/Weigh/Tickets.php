<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weigh;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Screens\Weigh\WeighPage;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Weighing\RecordTicket;
use App\Words\ExpectedWords;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\UploadedFile;
use Yoke\Foundation\Units\Load;
use Yoke\Measuring\Readings\Weighing\Condition;
use Yoke\Measuring\Readings\Weighing\Exception\ImpossibleTicket;
use Yoke\Measuring\Readings\Weighing\ReadTicket;
use Yoke\Measuring\Readings\Weighing\TicketSheet;
use Yoke\Measuring\Readings\Weighing\TicketText;
use Yoke\Rig\Parts\Stance;

/** The weigh station: tickets typed, pasted or read from a file. */
final class Tickets
{
    private const LARGEST_FILE = 8 * 1024 ** 2;

    /** What a weighbridge's display steps by, kg. */
    private const STEPS_KG = [
        '10 kg' => 10.0,
        '20 kg' => 20.0,
        '5 kg' => 5.0,
        '20 lb' => 9.0718474,
        '10 lb' => 4.5359237,
        '50 lb' => 22.6796185,
    ];

    public function show(Asked $request, Job $job, JobAnalyses $analyses): View
    {
        return view('weigh.show', [
            'page' => new WeighPage($analyses->of($job->load('tickets.user')), $request->person()),
        ]);
    }

    public function store(Asked $request, RecordTicket $tickets, Job $job): RedirectResponse
    {
        $step =
            self::STEPS_KG[$request->text('step')] ??
            self::STEPS_KG[WeighPage::stepsIn($request->person()->loadUnit())[0]];
        $text = new TicketText($request->person()->loadParser(), Load::ofKilograms($step));
        try {
            $tickets->kept($request->person(), $job, $this->read($request, $text), $this->conditions($request));
        } catch (ImpossibleTicket $impossible) {
            return redirect()
                ->route('weigh', $job)
                ->withInput($request->texts(['ticket', 'stance', 'step', ...array_column(Condition::cases(), 'value')]))
                ->withErrors(['ticket' => ExpectedWords::of($impossible->expected())]);
        }

        return redirect()
            ->route('weigh', $job)
            ->with('saved', Text::of('screen.tickets.ticket_saved_it_counts_together'));
    }

    /** What was otherwise at a weighing, said afterwards. */
    public function condition(Asked $request, RecordTicket $tickets, Job $job, int $ticket): RedirectResponse
    {
        $tickets->conditions($request->person(), $job, $ticket, $this->conditions($request));

        return redirect()->route('weigh', $job)->with('saved', Text::of('screen.tickets.condition_saved'));
    }

    /** @return list<Condition> */
    private function conditions(Asked $request): array
    {
        return array_values(
            array_filter(
                Condition::cases(),
                static fn (Condition $condition): bool => $request->boolean($condition->value),
            ),
        );
    }

    public function withdraw(Asked $request, RecordTicket $tickets, Job $job, int $ticket): RedirectResponse
    {
        $tickets->withdrawn($request->person(), $job, $ticket);

        return redirect()->route('weigh', $job)->with('saved', Text::of('screen.tickets.deleted_it_stays_in_the'));
    }

    /** @return non-empty-list<ReadTicket> */
    private function read(Asked $request, TicketText $text): array
    {
        $file = $request->file('file');
        if ($file instanceof UploadedFile) {
            if (! $file->isValid() || $file->getSize() > self::LARGEST_FILE) {
                throw ImpossibleTicket::tooLarge(intdiv(self::LARGEST_FILE, 1_048_576));
            }

            return (new TicketSheet($text))->read((string) $file->get());
        }
        $typed = $request->text('ticket');
        $stance = $request->choice('stance', Stance::class) ?? throw ImpossibleTicket::withoutStance();

        return [new ReadTicket($text->read($stance, $typed), $typed)];
    }
}
