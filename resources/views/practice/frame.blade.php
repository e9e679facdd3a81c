@php($elevation = $page->elevation())
@php($sheet = \Yoke\Showing\Drawing\Canvas::withLoads($elevation, 3.7))
@php($arrows = $page->arrows($elevation))
<div class="card drawing explainer-drawing">
<div class="elevation">
    <x-rig-drawing :elevation="$elevation" :sheet="$sheet" :stances="$elevation->stances()" role="img" :aria-label="__('page/practice.explain.drawn')">
        @foreach ($page->holds($elevation) as $hold)<circle class="hold" cx="{{ round($hold['x']) }}" cy="{{ round($hold['y']) }}" r="230" data-hold="{{ $hold['knob']->key }}" data-along="{{ $hold['along'] }}" />@endforeach
        <x-slot:upright><x-load-arrows :arrows="$arrows" /></x-slot:upright>
    </x-rig-drawing>
    <div class="load-labels" aria-hidden="true">@foreach ($arrows as $arrow)<span class="x-at-{{ \App\Screens\View\Across::at($sheet->across($arrow->x)) }}">{{ $page->words->figure($arrow->load->kilograms(), \Yoke\Showing\Explainer\Quantity::Load) }}</span>@endforeach</div>
</div>
    <p class="legend">{{ __('page/practice.explain.legend') }}</p>
</div>
<div class="card explainer-says">
    <p class="explainer-knob-values">@foreach ($page->knobs() as $knob)<span data-knob-says="{{ $knob->key }}"><b>{{ __("explain.knob.{$knob->key}") }}</b> {{ $page->words->knob($knob, $page->at->at($knob->key)) }}</span>@endforeach</p>
    <p class="explainer-sentence">{{ $page->says() }}</p>
    @foreach ($page->notes() as $note)<p class="explainer-note">{{ $note }}</p>@endforeach
    <table class="figures"><tbody>@foreach ($page->figures() as [$what, $figure])<tr><th scope="row">{{ $what }}</th><td>{{ $figure }}</td></tr>@endforeach</tbody></table>
</div>
