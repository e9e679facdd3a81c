<div class="plan-panel" tabindex="0" aria-label="Plan of the brackets">
    @php($firsts = $plan->plan->firstSettings())
    @if ($firsts === [])
        <p class="do-next">The family of the hitch is not known yet. Once its sheet says it, the first setting is planned here.</p>
        <p><a class="button" href="{{ $plan->sheetOf(\Yoke\Rig\Sheet\Part::Hitch) }}">To the hitch's sheet</a></p>
    @else
        <p class="do-next">Start at {{ $plan->setting($firsts[0]) }}: {{ $plan->percent($firsts[0]->inBand) }} chance to land in band at the first hook-up.</p>
        <table class="ledger">
            <caption>Settings by their chance, from what is known before any tape</caption>
            <thead><tr><th scope="col">Setting</th><th scope="col">Put back</th><th scope="col">In band</th><th scope="col">Over</th></tr></thead>
            <tbody>
                @foreach (array_slice($firsts, 0, 6) as $chance)
                    <tr><th scope="row">{{ $plan->setting($chance) }}</th><td>{{ $plan->percent($chance->share->mean()) }}</td><td>{{ $plan->percent($chance->inBand) }}</td><td>{{ $plan->percent($chance->over) }}</td></tr>
                @endforeach
            </tbody>
        </table>
    @endif
    @include('plan.assumptions')
</div>
