<div class="plan-panel" tabindex="0" aria-label="Plan of the brackets">
    @php($move = $plan->firstMove())
    @if ($move === null)
        <p class="do-next">The family of the hitch is not known yet. Once it is chosen, the first setting is planned here.</p>
        <p><a class="button" href="{{ $plan->sheetOf(\Yoke\Specification\RigPart::Hitch) }}">Choose the family</a></p>
    @else
        @if ($plan->foundSetting() !== '')<p @class(['do-next' => $plan->comesBack(), 'sentence' => ! $plan->comesBack()]) data-tone="note">{{ $plan->foundSetting() }}</p>@endif
        @php($first = $move->forecast)
        <div @class(['do-next' => ! $plan->comesBack(), 'sentence' => $plan->comesBack()])>
            @if ($first->isOpen())
                <p>{{ $plan->comesBack() ? 'Otherwise: hook' : 'Hook' }} up at {{ $plan->setting($first) }}. {{ ucfirst($plan->chance($first->chance)) }} likely to be in range{{ $plan->isBeforeTheFirst() ? ' at the first hook-up' : '' }}.</p>
            @else
                <p>{{ __('move.cannot') }}</p>
            @endif
            <x-derivation :terms="$plan->plan->settingTerms($first)" :plan="$plan" summary="Where this chance comes from" />
        </div>
        @if ($plan->described->inPlace()->barHang())
            <p class="sentence" data-tone="note">{{ $plan->brackets() }} {{ $plan->chains($first) }}</p>
        @endif
        @if ($clearance = $plan->clearance($first))
            <p class="sentence" data-tone="note">Bar tips {{ $plan->print->length($clearance) }} clear of the ground, carried.</p>
            <x-derivation :terms="$plan->plan->clearanceTerms($first->setting)" :plan="$plan" summary="Where this clearance comes from" />
        @endif
        <table class="ledger">
            <caption>{{ $plan->isBeforeTheFirst() ? 'First settings' : 'Settings' }} by their chance</caption>
            <thead><tr><th scope="col">Setting</th><th scope="col">Restored</th><th scope="col">In range</th><th scope="col">Too much</th><th scope="col">Bars and frame</th></tr></thead>
            <tbody>
                @foreach ($plan->firstSettings() as $one)
                    @php($parallel = $plan->plan->fromParallel($one->setting))
                    <tr><th scope="row">{{ $plan->setting($one) }}</th><td>{{ $plan->print->percent($one->share()->mean()) }}</td><td>{{ $plan->chance($one->chance) }}</td><td>{{ $plan->chance($one->over) }}</td><td>{{ $parallel ? $plan->print->degrees($parallel).' apart' : '–' }}</td></tr>
                @endforeach
            </tbody>
        </table>
        @if ($plan->ruledOut() !== [])<p class="sentence">Ruled out: @foreach ($plan->ruledOut() as $why => $many){{ $many }} {{ $many === 1 ? 'setting' : 'settings' }}, {{ $why }}{{ $loop->last ? '.' : '; ' }}@endforeach</p>@endif
    @endif
    @include('plan.assumptions')
</div>
