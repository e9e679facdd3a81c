@php($hitch = $page->load->hitch)
<x-layout :title="__('page/garage.new-load.title', ['hitch' => $hitch->name])" here="yard">
    <main class="yard">
        <div class="yard-head"><h1>{{ __('page/garage.new-load.title', ['hitch' => $hitch->name]) }}</h1></div>
        <form method="post" action="{{ route('new-load.start', $hitch->id) }}" class="card new-load" data-sheet data-preview="{{ route('new-load.preview', $hitch->id) }}" novalidate>
            @csrf
            <div class="fields">
                <x-picked name="vehicle" :label="__('page/garage.new-load.vehicle')" :options="$page->pickable(\Yoke\Rig\Specification\RigPart::Vehicle)" :chosen="$page->load->vehicle->id" />
                <x-picked name="trailer" :label="__('page/garage.new-load.trailer')" :options="$page->pickable(\Yoke\Rig\Specification\RigPart::Trailer)" :chosen="$page->load->trailer->id" />
                <x-typed name="tongue_weight_kg" :label="__('page/garage.new-load.tongue_weight')" :value="old('tongue_weight_kg', $page->tongueWeight())" :hint="__('page/garage.new-load.tongue_hint')" inputmode="decimal" />
            </div>
            <div data-part="new-load" aria-live="polite">@include('garage.new-load-says')</div>
            <div class="tape-foot"><button class="button is-first">{{ __('page/garage.new-load.start_the_job') }}</button><span class="saved-at" role="status" data-saved-at></span></div>
        </form>
    </main>
</x-layout>
