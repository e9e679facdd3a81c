<table class="ledger">
    <caption>{{ __('page/plan.heights.fender_heights_from_alone_as') }}</caption>
    <thead><tr><th scope="col"></th><th scope="col">{{ __('page/plan.heights.dropped') }}</th><th scope="col">{{ __('page/plan.heights.carried') }}</th></tr></thead>
    @foreach (\Yoke\Rig\Parts\Axle::cases() as $axle)
        <tr>
            <th scope="row">{{ \App\Words\RigWords::head($axle) }}</th>
            @foreach ([\Yoke\Rig\Parts\Stance::Dropped, \Yoke\Rig\Parts\Stance::Carried] as $stance)
                <td>{{ $plan->drawing()->rise($stance, $axle) }}</td>
            @endforeach
        </tr>
    @endforeach
</table>
<x-derivation :groups="$plan->drawing()->heightTerms()" :plan="$plan" :summary="__('page/plan.heights.where_these_heights_come_from')" />
