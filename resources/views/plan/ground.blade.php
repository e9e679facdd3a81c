<div class="plan-panel" tabindex="0" aria-label="{{ __('page/plan.ground.plan_of_the_ground') }}">
    @if ($plan->figures()->pressures() !== [])
        <table class="ledger">
            <caption>{{ __('page/plan.ground.tyre_pressures') }}</caption>
            @foreach ($plan->figures()->pressures() as $label => $pressure)
                <tr><th scope="row">{{ $label }}</th><td>{{ $pressure }}</td></tr>
            @endforeach
        </table>
    @else
        <p class="sentence">{{ __('page/plan.ground.no_tyre_pressure_is_on') }} <a href="{{ $plan->sheetOf(\Yoke\Rig\Specification\RigPart::Vehicle) }}">{{ __('page/plan.ground.open_vehicle_specification') }}</a></p>
    @endif
    @include('plan.take-back')
</div>
