@props(['plan', 'elevation', 'caption'])
<div class="sr-only">
<table>
    <caption>{{ $caption }}</caption>
    <thead><tr><th scope="col">{{ __('page/components.figures-table.stance') }}</th><th scope="col">{{ __('page/components.figures-table.front_fender_from_alone') }}</th><th scope="col">{{ __('page/components.figures-table.rear_fender_from_alone') }}</th>@foreach ($plan->drawing()->arrows($elevation) as $arrow)<th scope="col">{{ \App\Words\Text::of("drawing.arrow.{$arrow->what}") }}</th>@endforeach</tr></thead>
    <tbody>
        @foreach ($plan->drawing()->loads($elevation) as [$stance, $arrows])
            <tr>
                <th scope="row">{{ \App\Words\RigWords::head($stance) }}</th>
                @foreach (\Yoke\Rig\Parts\Axle::cases() as $axle)
                    <td>{{ $plan->drawing()->rise($stance, $axle) }}</td>
                @endforeach
                @foreach ($arrows as $arrow)<td>{{ $plan->drawing()->arrowSays($arrow) }}</td>@endforeach
            </tr>
        @endforeach
    </tbody>
</table>
</div>
