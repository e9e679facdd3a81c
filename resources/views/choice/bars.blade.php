<section class="card" aria-label="{{ __('page/choice.answer.which_bars') }}">
    <h2>{{ __('page/choice.answer.which_bars') }}</h2>
    @if (! $page->suggestsBars())<p class="do-next is-over" data-none>{{ __('page/choice.answer.none_of_these') }}</p>@endif
    <table class="figures">
        <thead><tr><th scope="col">{{ __('page/choice.answer.bars') }}</th><th scope="col">{{ __('page/choice.answer.chance') }}</th><th scope="col">{{ __('page/choice.answer.step') }}</th><th scope="col">{{ __('page/choice.answer.why') }}</th></tr></thead>
        @foreach ($page->bars() as $bars)
            <tr @class(['is-suggested' => $page->isSuggested($bars)]) data-bars="{{ round($bars->bars->heaviest->pounds()) }}"><th scope="row">{{ $page->words->range($bars->bars) }}@if ($page->isSuggested($bars)) <span class="badge">{{ __('page/choice.answer.suggested') }}</span>@endif</th><td>{{ \App\Words\VerdictWords::chance((int) round(100 * $bars->chance)) }}</td><td>{{ $page->print->percent($bars->step) }}</td><td>{{ implode(' ', $page->words->ofBars($bars)) }}</td></tr>
        @endforeach
    </table>
    <p class="sentence">{{ __('page/choice.answer.chance_says') }}</p>
</section>
