@php($elevation = $plan->drawing()->elevation())
@php($sheet = \Yoke\Showing\Drawing\Canvas::withLoads($elevation, 4.6))
@php($arrows = $plan->drawing()->arrows($elevation))
@php($advised = $plan->plan->ballAdvised())
@php($ratings = $plan->ratings())
@php([$known, $unknown] = $ratings->byKnowledge())
@php($worked = $job->rigAsWorked())
<x-layout :title="__('page/plan.paper.plan_2', ['title' => $job->title])">
    <main class="paper">
        <div class="yard-head no-print"><a class="button" href="{{ route('bench', [$job, 'brief']) }}">{{ __('page/plan.paper.to_the_bench') }}</a><button class="button is-first" type="button" data-print>{{ __('page/plan.paper.print_the_plan') }}</button></div>
        <header>
            <h1>{{ __('page/plan.paper.plan', ['title' => $job->title]) }}</h1>
            <p>{{ __('page/plan.paper.booked', ['vehicle_name' => $worked->vehicleName(), 'trailer_name' => $worked->trailerName(), 'hitch_name' => $worked->hitchName(), 'booked_on' => $job->booked_on->isoFormat('D MMM YYYY')]) }}</p>
        </header>
        <div class="elevation">
            <x-rig-drawing :elevation="$elevation" :sheet="$sheet" :stances="$elevation->stances()" role="img" :aria-label="__('page/plan.paper.the_rig_as_predicted_alone')"><x-slot:upright><x-load-arrows :arrows="$arrows" /></x-slot:upright></x-rig-drawing>
            <div class="load-labels">@foreach ($arrows as $arrow)<span data-figure="under {{ $arrow->what }} {{ 'carried' }}" class="x-at-{{ \App\Screens\View\Across::at($sheet->across($arrow->x)) }}">{{ $plan->drawing()->arrowSays($arrow) }}</span>@endforeach</div>
        </div>
        @if ($plan->makersWord() !== '')<p class="do-next">{{ $plan->makersWord() }}</p>@endif
        @include('plan.over')
        <div class="columns">
            <section>
                <h2>{{ __('page/plan.paper.head') }}</h2>
                <p>{{ __('page/plan.paper.ball') }} <strong>{{ $plan->print->length($plan->plan->ballPlanned()) }}</strong> {{ __('page/plan.paper.over_the_level_coupler', ['advised' => $plan->print->doubt($advised)]) }}</p>
                @if ($job->head_place)
                    <p>{{ __('page/plan.paper.bolted_in') }} <strong>{{ __('page/plan.paper.hole', ['turned' => __('head.turned.'.$job->head_place['turned']), 'hole' => \App\Words\Figures::short($job->head_place['hole'])]) }}</strong>@if ($job->ballInItsHole() !== null){{ __('page/plan.paper.ball_2', ['ball_height_mm' => $plan->print->height($job->ballInItsHole()), 'because' => $job->head_place['because']]) }}@endif</p>
                @elseif ($place = $plan->plan->shankPlaces()[0] ?? null)
                    <p>{{ __('page/plan.paper.shank_in') }} <strong>{{ __('page/plan.paper.hole', ['turned' => __('head.turned.'.$place->turned), 'hole' => \App\Words\Figures::short($place->hole)]) }}</strong>{{ __('page/plan.paper.holes_showing_ball_off_by', ['holes_visible' => $place->holesVisible, 'ball_height' => $plan->print->length($place->ballHeight), 'millimetres' => $plan->print->change($place->residual()->millimetres()), 'place' => implode(' ', \App\Words\HeadWords::inTheWay($place))]) }}</p>
                @endif
                <h2>{{ __('page/plan.paper.bars') }}</h2>
                @if ($first = $plan->firstMove()?->forecast)
                    <p>{{ $first->isOpen() ? __('page/plan.paper.hook_up_at') : __('page/plan.paper.no_setting_can_be_recommended') }} <strong>{{ $plan->setting($first) }}</strong>{{ __('page/plan.paper.likely_to_be_in_range', ['chance' => $plan->chance($first->chance)]) }}@if ($clearance = $plan->brackets()->clearance($first)) {{ __('page/plan.paper.bar_tips_clear', ['clearance' => $plan->print->length($clearance)]) }}@endif</p>
                    @if ($plan->described->inPlace()->barHang())<p>{{ $plan->brackets()->place() }} {{ $plan->brackets()->holes() }} {{ $plan->brackets()->chains($first) }}</p>@endif
                @else
                    <p>{{ __('page/plan.paper.the_family_of_the_hitch') }}</p>
                @endif
                @if ($plan->plan->takenBack() > 0)<p>{{ $plan->onTheRoad() }}</p>@endif
                <table class="ledger">
                    <caption>{{ __('page/plan.paper.fender_heights_from_alone') }}</caption>
                    <thead><tr><th scope="col"></th><th scope="col">{{ __('page/plan.paper.dropped') }}</th><th scope="col">{{ __('page/plan.paper.carried') }}</th><th scope="col">{{ __('page/plan.paper.taped') }}</th></tr></thead>
                    @foreach (\Yoke\Rig\Parts\Axle::cases() as $axle)<tr><th scope="row">{{ \App\Words\RigWords::head($axle) }}</th><td>{{ $plan->drawing()->rise(\Yoke\Rig\Parts\Stance::Dropped, $axle) }}</td><td>{{ $plan->drawing()->rise(\Yoke\Rig\Parts\Stance::Carried, $axle) }}</td><td class="to-fill"></td></tr>@endforeach
                </table>
                @foreach ([__('page/plan.paper.torques') => $plan->figures()->torques(), __('page/plan.paper.tyre_pressures') => $plan->figures()->pressures()] as $title => $lines)
                    @if ($lines !== [])<h2>{{ $title }}</h2><p>@foreach ($lines as $label => $value){{ $label }} <strong>{{ $value }}</strong>{{ $loop->last ? '' : ' · ' }}@endforeach</p>@endif
                @endforeach
            </section>
            <section>
                <table class="ledger">
                    <caption>{{ $ratings->caption() }}</caption>
                    <thead><tr><th scope="col">{{ __('page/plan.paper.part') }}</th><th scope="col">{{ __('page/plan.paper.load') }}</th><th scope="col">{{ __('page/plan.paper.rating') }}</th></tr></thead>
                    @foreach ($known as $line)<tr @class(['is-over' => $line->isOver(), 'is-caution' => $line->isOutside() && ! $line->isOver()]) data-figure="rated {{ $line->key() }}" data-state="{{ $line->state()->value }}"><th scope="row">{{ ucfirst(\App\Words\RatingWords::of($line)) }}</th><td data-carries>{{ $plan->print->carries($line) }}</td><td @class(['sentence' => $line->isOutside()])>{{ $plan->print->load($line->may) }}{{ rtrim(' '.\App\Words\RatingWords::state($line)) }}</td></tr>@endforeach
                </table>
                @if ($unknown !== [])<p>{{ __('page/plan.paper.not_checked', ['unknown' => implode(', ', array_map(fn ($field) => implode(' ', array_reverse([\App\Words\Text::inside($ratings->field($field)[0]), \App\Words\SpecificationWords::part($ratings->field($field)[1])])), array_keys($unknown)))]) }}</p>@endif
                @if ($plan->assumed()->lines() !== [])<p>{{ implode(' ', array_column($plan->assumed()->lines(), 'says')) }}</p>@endif
            </section>
        </div>
        <p class="foot">{{ __('page/plan.paper.fingers_clear_of_bars_and') }}</p>
    </main>
</x-layout>
