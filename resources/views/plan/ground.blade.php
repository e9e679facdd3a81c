<div class="plan-panel" tabindex="0" aria-label="Plan of the ground">
    @if ($plan->pressures() !== [])
        <table class="ledger">
            <caption>Tyre pressures</caption>
            @foreach ($plan->pressures() as $label => $pressure)
                <tr><th scope="row">{{ $label }}</th><td>{{ $pressure }}</td></tr>
            @endforeach
        </table>
    @else
        <p class="sentence">No tyre pressure is on the specifications yet. <a href="{{ $plan->sheetOf(\Yoke\Specification\RigPart::Vehicle) }}">Open vehicle specification</a></p>
    @endif
    @include('plan.take-back')
</div>
