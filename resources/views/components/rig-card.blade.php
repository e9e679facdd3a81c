@props(['rig', 'away' => false])
@php($elevation = new \Yoke\Showing\Drawing\Elevation((new \App\Models\RigSnapshot(\App\Models\RigSnapshot::sheetOf($rig)))->core(), \Yoke\Measuring\Readings\Height\StanceHeights::none(), 1.0))
<section class="rig-card card" aria-label="{{ __('page/components.rig-card.with', ['vehicle' => $rig->vehicle->name, 'trailer' => $rig->trailer->name]) }}">
    <div><x-rig-drawing :elevation="$elevation" :sheet="\Yoke\Showing\Drawing\Canvas::around($elevation, 3.6)" :stances="$elevation->stances()" aria-hidden="true" /></div>
    <ul>
        @foreach (\Yoke\Rig\Specification\RigPart::cases() as $part)
            @php($model = $rig->{$part->value})
            <li><a href="{{ route('garage.edit', [$part->value, $model->id]) }}"><span class="who">{{ \Illuminate\Support\Str::ucfirst(\App\Words\SpecificationWords::part($part)) }}</span> <strong>{{ $model->name }}</strong> <span class="who">{{ __('page/components.rig-card.of_filled_in', ['sheet' => count($model->sheet ?? []), 'groups' => array_sum(array_map(fn ($group) => count($group->fields), $part->groups()))]) }}</span></a></li>
        @endforeach
    </ul>
    <form method="post" action="{{ route($away ? 'rigs.back' : 'rigs.away', $rig) }}">@csrf<button class="button is-small" aria-label="{{ __('page/components.rig-card.with_2', ['away' => $away ? __('page/components.rig-card.restore') : __('page/components.rig-card.archive'), 'vehicle' => $rig->vehicle->name, 'trailer' => $rig->trailer->name]) }}">{{ $away ? __('page/components.rig-card.restore') : __('page/components.rig-card.archive') }}</button></form>
</section>
