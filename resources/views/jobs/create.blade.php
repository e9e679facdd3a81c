@php($fields = \App\Words\SpecificationWords::options(...))
@php($unit = $person->fineness->unit()->value)
<x-layout title="New job" here="new">
    <main class="yard">
        <form method="post" data-needs-connection action="{{ route('jobs.store') }}" class="contents" novalidate>
            @csrf
            @if ($errors->any())
                <p class="do-next is-over" role="alert">{{ $errors->count() === 1 ? 'One field needs' : $errors->count().' fields need' }} another look; everything you typed is still here.</p>
            @endif
            <div class="grid sm:grid-cols-[max-content_minmax(0,36rem)] items-center gap-x-8 gap-y-2">
                <h1 class="text-3xl">New job</h1>
                <div><x-typed name="title" label="What is it, for whom" hint="As you would call it across the yard." autofocus /><p class="sentence">Only the title is needed. What you leave out is assumed with its doubt; the job says what is most worth measuring.</p></div>
            </div>
            <div class="sheet">
                <fieldset class="card">
                    <legend>Vehicle</legend>
                    <x-picked name="vehicle" label="From the garage" class="picks-existing" :options="['' => 'A new vehicle'] + $vehicles->all()" />
                    <div class="is-new contents-block">
                        <x-typed name="vehicle_name" label="Name" />
                        <x-picked name="vehicle_body" label="Shape" :options="$fields(\Yoke\Specification\RigPart::Vehicle, 'body')" />
                        <div class="pair">
                            <x-typed name="wheelbase" label="Wheelbase" inputmode="decimal" :hint="'Axle to axle, '.$unit" />
                            <x-typed name="overhang" label="Overhang" inputmode="decimal" :hint="'Rear axle to ball, '.$unit" />
                            <x-picked name="front_suspension" label="Front springs" :options="$fields(\Yoke\Specification\RigPart::Vehicle, 'front_suspension')" />
                            <x-picked name="rear_suspension" label="Rear springs" :options="$fields(\Yoke\Specification\RigPart::Vehicle, 'rear_suspension')" />
                            <x-picked name="vehicle_class" label="Class" :options="['' => 'Not known'] + $fields(\Yoke\Specification\RigPart::Vehicle, 'vehicle_class')" />
                            <x-picked name="levelling" label="Self-levelling" :options="['' => 'None, or not known'] + array_diff_key($fields(\Yoke\Specification\RigPart::Vehicle, 'levelling'), ['none' => 1])" />
                        </div>
                    </div>
                </fieldset>
                <fieldset class="card">
                    <legend>Trailer</legend>
                    <x-picked name="trailer" label="From the garage" class="picks-existing" :options="['' => 'A new trailer'] + $trailers->all()" />
                    <div class="is-new contents-block">
                        <x-typed name="trailer_name" label="Name" />
                        <div class="pair">
                            <x-picked name="trailer_body" label="Shape" :options="$fields(\Yoke\Specification\RigPart::Trailer, 'body')" />
                            <x-picked name="axles" label="Axles" :options="[1 => 'One', 2 => 'Two', 3 => 'Three']" :chosen="2" />
                        </div>
                        <x-typed name="ball_to_axle" label="Ball to axle" inputmode="decimal" :hint="'To the centre of the axle group, '.$unit" />
                        <div class="pair">
                            <x-typed name="gross_weight" label="Gross trailer weight" inputmode="decimal" :hint="'As it travels, '.$person->loadUnit()->value" />
                            <x-typed name="tongue_weight_kg" label="Tongue weight, if known" inputmode="decimal" :hint="'Level, '.$person->loadUnit()->value" />
                        </div>
                    </div>
                </fieldset>
                <fieldset class="card">
                    <legend>Hitch</legend>
                    <x-picked name="hitch" label="From the garage" class="picks-existing" :options="['' => 'A new hitch'] + $hitches->all()" />
                    <div class="is-new contents-block">
                        <x-typed name="hitch_name" label="Name" />
                        <x-picked name="family" label="Family" :options="['' => 'Not known yet'] + $fields(\Yoke\Specification\RigPart::Hitch, 'family')" />
                        <x-picked name="counting" label="Links are counted" :options="['' => 'As usual for the family'] + $fields(\Yoke\Specification\RigPart::Hitch, 'counting')" />
                        <div class="pair">
                            <x-typed name="bar_rating_low_kg" label="Bars rated from" inputmode="decimal" :hint="$person->loadUnit()->value" />
                            <x-typed name="bar_rating_high_kg" label="Bars rated to" inputmode="decimal" :hint="$person->loadUnit()->value" />
                        </div>
                        <x-typed name="bar_arm" label="Bar arm" inputmode="decimal" :hint="'Ball to hook-up point along the frame, '.$unit" />
                    </div>
                </fieldset>
            </div>
            <div class="start-foot"><button class="button is-first">Start the job</button></div>
        </form>
    </main>
</x-layout>
