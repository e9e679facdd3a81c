<div class="plan-panel" tabindex="0" aria-label="Plan of the brackets">
    @php($firsts = $plan->plan->firstSettings())
    @if ($firsts === [])
        <p class="do-next">The family of the hitch is not known yet. Once its sheet says it, the first setting is planned here.</p>
        <p><a class="button" href="{{ $plan->sheetOf(\Yoke\Specification\RigPart::Hitch) }}">To the hitch's sheet</a></p>
    @else
        @if ($plan->foundSetting() !== '')<p @class(['do-next' => $plan->comesBack(), 'sentence' => ! $plan->comesBack()]) data-tone="note">{{ $plan->foundSetting() }}</p>@endif
        @php($first = $firsts[0])
        @php($advised = array_slice(array_filter($firsts, fn ($chance) => $chance->allowed()), 0, 6))
        <div @class(['do-next' => ! $plan->comesBack(), 'sentence' => $plan->comesBack()])>
            @if ($first->allowed())
                <p>{{ $plan->comesBack() ? 'As if for the first time: start' : 'Start' }} at {{ $plan->setting($first) }}: {{ $plan->print->percent($first->inBand) }} chance to land in band at the first hook-up.</p>
            @else
                <p>No setting of this hitch can be advised to start with: the best one {{ $first->whyNot() }}.</p>
            @endif
            <x-derivation :terms="$plan->plan->settingTerms($first)" :plan="$plan" summary="Where this chance comes from" />
        </div>
        @if ($plan->described->inPlace()->barHang())
            <p class="sentence" data-tone="note">{{ $plan->brackets() }} {{ $plan->chains($first) }}</p>
        @endif
        @if ($first->clearance)
            <p class="sentence" data-tone="note">Bar tips {{ $plan->print->length($first->clearance) }} clear of the ground, carried.</p>
            <x-derivation :terms="$plan->plan->clearanceTerms($first->setting)" :plan="$plan" summary="Where this clearance comes from" />
        @endif
        <table class="ledger">
            <caption>Settings by their chance, from what is known before any tape</caption>
            <thead><tr><th scope="col">Setting</th><th scope="col">Put back</th><th scope="col">In band</th><th scope="col">Over</th><th scope="col">Bars and frame</th></tr></thead>
            <tbody>
                @foreach ($advised as $chance)
                    <tr><th scope="row">{{ $plan->setting($chance) }}</th><td>{{ $plan->print->percent($chance->share->mean()) }}</td><td>{{ $plan->print->percent($chance->inBand) }}</td><td>{{ $plan->print->percent($chance->over) }}</td><td>{{ $chance->fromParallel ? $plan->print->degrees($chance->fromParallel).' apart' : '–' }}</td></tr>
                @endforeach
            </tbody>
        </table>
        @php($barred = array_count_values(array_filter(array_map(fn ($chance) => $chance->whyNot(), $firsts))))
        @if ($barred !== [])<p class="sentence">Left out: @foreach ($barred as $why => $many){{ $many }} that {{ $why === 'bar tips too near the ground' ? 'bring the '.$why : $why }}{{ $loop->last ? '.' : '; ' }}@endforeach</p>@endif
    @endif
    @include('plan.assumptions')
</div>
