<section class="card" aria-label="{{ __('page/choice.answer.which_family') }}">
    <h2>{{ __('page/choice.answer.which_family') }}</h2>
    <table class="figures">
        <thead><tr><th scope="col">{{ __('page/choice.answer.family') }}</th>@if ($page->draft->wants !== [])<th scope="col">{{ __('page/choice.answer.does') }}</th>@endif<th scope="col">{{ __('page/choice.answer.minutes') }}</th><th scope="col">{{ __('page/choice.answer.why') }}</th></tr></thead>
        @foreach ($page->families() as $family)
            <tr @class(['is-suggested' => $loop->first && $page->suggestsBars()]) data-family="{{ $family->family->key() }}"><th scope="row">{{ ucfirst((new \App\Words\FamilyWords($family->family))->name()) }}@if ($loop->first && $page->suggestsBars()) <span class="badge">{{ __('page/choice.answer.suggested') }}</span>@endif</th>@if ($page->draft->wants !== [])<td>{{ $page->print->percent($family->worth) }}</td>@endif<td>{{ __('page/choice.answer.min', ['minutes' => $family->minutes]) }}</td><td>{{ implode(' ', $page->words->ofFamily($family)) }}</td></tr>
        @endforeach
    </table>
</section>
