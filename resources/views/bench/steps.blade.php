@php($family = $page->analysed->described->sheets->family())
<div class="with-picture">
    <ol class="steps">
        @foreach (\App\Words\StationWords::steps($page->station, $family) as $step)<li>{{ $step }}</li>@endforeach
    </ol>
    <x-station-picture :station="$page->station" :take-up="$family?->facts()->takeUp" />
</div>
