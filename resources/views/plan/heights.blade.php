<table class="ledger">
    <caption>Fender heights from alone, as predicted</caption>
    <thead><tr><th scope="col"></th><th scope="col">Dropped</th><th scope="col">Carried</th></tr></thead>
    @foreach (\Yoke\Rig\Axle::cases() as $axle)
        <tr>
            <th scope="row">{{ ucfirst($axle->value) }}</th>
            @foreach ([\Yoke\Rig\Stance::Dropped, \Yoke\Rig\Stance::Carried] as $stance)
                <td>{{ $plan->rise($stance, $axle) }}</td>
            @endforeach
        </tr>
    @endforeach
</table>
<x-derivation :groups="$plan->heightTerms()" :plan="$plan" summary="Where these heights come from" />
