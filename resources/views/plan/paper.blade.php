@php($elevation = $plan->elevation())
@php($sheet = \Yoke\Drawing\Sheet::withLoads($elevation, 4.6))
@php($arrows = $plan->arrows($elevation))
@php($advised = $plan->plan->ballAdvised())
@php([$known, $unknown] = $plan->ledgerByKnowledge())
@php($worked = $job->rigAsWorked())
<x-layout :title="'Plan, '.$job->title">
    <main class="paper">
        <div class="yard-head no-print"><a class="button" href="{{ route('bench', [$job, 'brief']) }}">To the bench</a><button class="button is-first" type="button" data-print>Print the plan</button></div>
        <header>
            <h1>Plan: {{ $job->title }}</h1>
            <p>{{ $worked->vehicleName() }} · {{ $worked->trailerName() }} · {{ $worked->hitchName() }} · booked {{ $job->booked_on->format('j M Y') }}</p>
        </header>
        <div class="elevation">
            <x-rig-drawing :elevation="$elevation" :sheet="$sheet" :stances="$elevation->stances()" role="img" aria-label="The rig as predicted, alone, dropped and carried; its figures stand in the tables after it"><x-slot:upright><x-load-arrows :arrows="$arrows" /></x-slot:upright></x-rig-drawing>
            <div class="load-labels">@foreach ($arrows as $arrow)<span style="--at: {{ $sheet->across($arrow->x) }}%">{{ $plan->arrowSays($arrow) }}</span>@endforeach</div>
        </div>
        @if ($plan->makersWord() !== '')<p class="do-next">{{ $plan->makersWord() }}</p>@endif
        @include('plan.over')
        <div class="columns">
            <section>
                <h2>Head</h2>
                <p>Ball <strong>{{ $plan->print->height($advised->mean()) }}</strong> over the level coupler ({{ $plan->print->doubt($advised) }}).</p>
                @if ($job->head_place)
                    <p>Bolted in <strong>{{ $job->head_place['turned'] }}, hole {{ $job->head_place['hole'] }}</strong>: ball {{ $plan->print->height($job->head_place['ball_height_mm']) }}. {{ $job->head_place['because'] }}</p>
                @elseif ($place = $plan->plan->shankPlaces()[0] ?? null)
                    <p>Shank in <strong>{{ $place->turned }}, hole {{ $place->hole }}</strong>, {{ $place->holesVisible }} holes showing: ball {{ $plan->print->length($place->ballHeight) }}, off by {{ $plan->print->change($place->residual()->millimetres()) }}. {{ implode(' ', \App\Words\HeadWords::inTheWay($place)) }}</p>
                @endif
                <h2>Bars</h2>
                @if ($first = $plan->firstMove()?->forecast)
                    <p>{{ $first->isOpen() ? 'Hook up at' : 'No setting can be recommended; nearest is' }} <strong>{{ $plan->setting($first) }}</strong>, {{ $plan->chance($first->chance) }} likely to be in range.@if ($clearance = $plan->clearance($first)) Bar tips {{ $plan->print->length($clearance) }} clear.@endif</p>
                    @if ($plan->described->inPlace()->barHang())<p>{{ $plan->brackets() }} {{ $plan->chains($first) }}</p>@endif
                @else
                    <p>The family of the hitch is not known yet.</p>
                @endif
                @if ($plan->plan->takenBack() > 0)<p>{{ $plan->onTheRoad() }}</p>@endif
                <table class="ledger">
                    <caption>Fender heights from alone</caption>
                    <thead><tr><th scope="col"></th><th scope="col">Dropped</th><th scope="col">Carried</th><th scope="col">Taped</th></tr></thead>
                    @foreach (\Yoke\Rig\Axle::cases() as $axle)<tr><th scope="row">{{ ucfirst($axle->value) }}</th><td>{{ $plan->rise(\Yoke\Rig\Stance::Dropped, $axle) }}</td><td>{{ $plan->rise(\Yoke\Rig\Stance::Carried, $axle) }}</td><td class="to-fill"></td></tr>@endforeach
                </table>
                @foreach (['Torques' => $plan->torques(), 'Tyre pressures' => $plan->pressures()] as $title => $lines)
                    @if ($lines !== [])<h2>{{ $title }}</h2><p>@foreach ($lines as $label => $value){{ $label }} <strong>{{ $value }}</strong>{{ $loop->last ? '' : ' · ' }}@endforeach</p>@endif
                @endforeach
            </section>
            <section>
                <table class="ledger">
                    <caption>Ratings, as predicted</caption>
                    <thead><tr><th scope="col">Part</th><th scope="col">Load</th><th scope="col">Rating</th></tr></thead>
                    @foreach ($known as $line)<tr @class(['is-over' => $line->isOutside()])><th scope="row">{{ ucfirst(\App\Words\RatingWords::of($line)) }}</th><td>{{ $plan->print->load($line->carries) }}</td><td>{{ $plan->print->load($line->may) }}{{ $line->isOutside() ? ' outside' : '' }}</td></tr>@endforeach
                </table>
                @if ($unknown !== [])<p>Not checked: {{ implode(', ', array_map(fn ($field) => implode(' ', array_reverse([lcfirst($plan->field($field)[0]), $plan->field($field)[1]->value])), array_keys($unknown))) }}.</p>@endif
                @if ($plan->assumed()->lines() !== [])<p>{{ implode(' ', array_column($plan->assumed()->lines(), 'says')) }}</p>@endif
            </section>
        </div>
        <p class="foot">Fingers clear of bars and chains; chock before uncoupling; torque to the hitch's data sheet. An aid to measuring, not a certificate: the makers' data sheets and local law come first.</p>
    </main>
</x-layout>
