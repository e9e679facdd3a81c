@use(Yoke\Rig\Specification\RigPart)
<x-layout :title="__('door.title')" here="new">
    <main class="yard front-door">
        <form method="post" data-needs-connection action="{{ route('jobs.store') }}" class="contents" novalidate>
            @csrf
            @if ($errors->any())
                <p class="do-next is-over" role="alert">{{ trans_choice('door.problems', $errors->count(), ['count' => $errors->count()]) }}</p>
            @endif
            <div class="door-title">
                <h1>{{ __('door.title') }}</h1>
                <x-typed name="title" :label="__('door.job.label')" :hint="__('door.job.hint')" autofocus />
                <p class="sentence">{{ __('door.lead') }}</p>
            </div>
            <div class="door-parts">
                <fieldset class="card">
                    <legend>{{ __('door.vehicle.label') }}</legend>
                    <x-find-part :part="RigPart::Vehicle" :chosen="$page->chosen(RigPart::Vehicle, old('vehicle'))" />
                    <div class="is-new pair">
                        <x-picked name="vehicle_class" :label="\App\Words\SpecificationWords::label(RigPart::Vehicle, 'vehicle_class')" :options="$page->choices(RigPart::Vehicle, 'vehicle_class')" />
                        <x-picked name="levelling" :label="\App\Words\SpecificationWords::label(RigPart::Vehicle, 'levelling')" :options="array_diff_key($page->choices(RigPart::Vehicle, 'levelling'), ['none' => 1])" />
                    </div>
                    <div class="is-new pair">
                        <x-typed name="air_lift_mm" :label="\App\Words\SpecificationWords::label(RigPart::Vehicle, 'air_lift_mm')" inputmode="text" />
                        <x-picked name="lift_use" :label="\App\Words\SpecificationWords::label(RigPart::Vehicle, 'lift_use')" :options="array_diff_key($page->choices(RigPart::Vehicle, 'lift_use'), ['on_the_road' => 1])" />
                    </div>
                </fieldset>
                <fieldset class="card">
                    <legend>{{ __('door.trailer.label') }}</legend>
                    <x-find-part :part="RigPart::Trailer" :chosen="$page->chosen(RigPart::Trailer, old('trailer'))" />
                    <div class="is-new pair">
                        <x-picked name="axles" :label="__('door.axles.label')" :options="['1' => __('door.axles.one'), '2' => __('door.axles.two'), '3' => __('door.axles.three')]" :chosen="2" />
                        <x-typed name="gross_weight" :label="__('door.gross', ['unit' => $page->loadUnit()])" inputmode="decimal" />
                    </div>
                </fieldset>
                <fieldset class="card door-hitch">
                    <legend>{{ __('door.hitch.label') }}</legend>
                    <x-find-part :part="RigPart::Hitch" :chosen="$page->chosen(RigPart::Hitch, old('hitch'))" />
                    <div class="is-new">
                        <fieldset class="family-tiles" aria-describedby="family-says">
                            <legend class="label">{{ __('door.family') }}</legend>
                            @foreach (\App\Screens\View\FamilyTiles::all() as $family)
                                <label class="family-tile">
                                    <input type="radio" name="family" value="{{ $family['key'] }}" @checked(old('family') === $family['key'])>
                                    <x-family-picture :drawing="$family['drawing']" />
                                    <span>{{ $family['name'] }}</span>
                                </label>
                            @endforeach
                            <label class="family-tile is-later">
                                <input type="radio" name="family" value="" @checked(old('family', '') === '')>
                                <span>{{ __('door.family_later') }}</span>
                            </label>
                        </fieldset>
                        @error('family')<p class="sentence" id="family-says" data-tone="stop">{{ $message }}</p>@enderror
                        <div class="pair is-three">
                            <x-typed name="bar_rating_low_kg" :label="__('door.rated_from', ['unit' => $page->loadUnit()])" inputmode="decimal" />
                            <x-typed name="bar_rating_high_kg" :label="__('door.rated_to', ['unit' => $page->loadUnit()])" inputmode="decimal" />
                            <x-picked name="counting" :label="\App\Words\SpecificationWords::label(RigPart::Hitch, 'counting')" :options="$page->choices(RigPart::Hitch, 'counting')" />
                        </div>
                    </div>
                </fieldset>
                <details class="card door-dimensions" @if ($errors->hasAny(['wheelbase', 'overhang', 'ball_to_axle', 'bar_arm', 'tongue_weight_kg', 'vehicle_body', 'trailer_body', 'front_suspension', 'rear_suspension'])) open @endif>
                    <summary>{{ __('door.dimensions') }}</summary>
                    <div class="fields">
                        @foreach (['wheelbase', 'overhang', 'ball_to_axle', 'bar_arm'] as $length)
                            <x-typed :name="$length" :label="__('door.'.$length.'.label')" inputmode="text" :hint="__('door.'.$length.'.hint', ['unit' => $page->lengthUnit()])" />
                        @endforeach
                        <x-typed name="tongue_weight_kg" :label="__('door.tongue.label')" inputmode="decimal" :hint="__('door.tongue.hint', ['unit' => $page->loadUnit()])" />
                        <x-picked name="vehicle_body" :label="\Illuminate\Support\Str::ucfirst(\App\Words\SpecificationWords::part(RigPart::Vehicle)).', '.lcfirst(\App\Words\SpecificationWords::label(RigPart::Vehicle, 'body'))" :options="$page->choices(RigPart::Vehicle, 'body')" />
                        <x-picked name="trailer_body" :label="\Illuminate\Support\Str::ucfirst(\App\Words\SpecificationWords::part(RigPart::Trailer)).', '.lcfirst(\App\Words\SpecificationWords::label(RigPart::Trailer, 'body'))" :options="$page->choices(RigPart::Trailer, 'body')" />
                        @foreach (['front_suspension', 'rear_suspension'] as $springs)
                            <x-picked :name="$springs" :label="\App\Words\SpecificationWords::label(RigPart::Vehicle, $springs)" :options="$page->choices(RigPart::Vehicle, $springs)" />
                        @endforeach
                    </div>
                </details>
            </div>
            <div class="start-foot"><button class="button is-first">{{ __('door.start') }}</button> <button class="button" name="arrived_coupled" value="1">{{ __('door.arrived_coupled') }}</button></div>
        </form>
    </main>
</x-layout>
