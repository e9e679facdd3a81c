@php($places = array_slice($plan->plan->shankPlaces(), 0, 4))
@php($bolted = $job->head_place)
@php($errors = $errors->getBag('head'))
<div class="plan-panel" tabindex="0" aria-label="{{ __('page/plan.head.plan_of_the_head') }}">
    <p class="do-next">{{ $plan->head()->advice() }}</p>
    @if ($plan->head()->why() !== '')<p class="sentence" data-tone="note">{{ $plan->head()->why() }}</p>@endif
    <x-derivation :terms="$plan->plan->ballDerivation()" :plan="$plan" :summary="__('page/plan.head.where_this_height_comes_from')" />
    @if ($bolted)
        <p class="sentence" data-tone="note"><strong>{{ __('page/plan.head.bolted_in_hole', ['turned' => __('head.turned.'.$bolted['turned']), 'hole' => \App\Words\Figures::short($bolted['hole'])]) }}</strong>@if ($job->ballInItsHole() === null){{ __('page/plan.head.ball_not_told') }}@else{{ __('page/plan.head.ball_above_the_ground_by', ['ball_height_mm' => $plan->print->height($job->ballInItsHole()), 'by' => $bolted['by']]) }} @endif @if ($bolted['because'] !== '') {{ __('page/plan.head.because', ['because' => $bolted['because']]) }}@endif</p>
    @endif
    @if ($places !== [])
        <form method="post" action="{{ route('jobs.head', $job) }}" class="head-places">
            @csrf
            <table class="ledger">
                <caption>{{ __('page/plan.head.where_to_bolt_the_head') }}</caption>
                <thead><tr><th scope="col">{{ __('page/plan.head.shank') }}</th><th scope="col">{{ __('page/plan.head.holes_showing') }}</th><th scope="col">{{ __('page/plan.head.ball_height') }}</th><th scope="col">{{ __('page/plan.head.off_by') }}</th></tr></thead>
                <tbody>
                    @foreach ($places as $place)
                        <tr>
                            <th scope="row"><label class="tick"><input type="radio" name="place" value="{{ $place->key() }}" @checked(old('place', $bolted ? $bolted['turned'].'-'.$bolted['hole'] : $places[0]->key()) === $place->key())> {{ __('page/plan.head.in_hole', ['turned' => __('head.turned.'.$place->turned), 'hole' => \App\Words\Figures::short($place->hole)]) }}</label></th>
                            <td>{{ $place->holesVisible }}</td>
                            <td>{{ $plan->print->length($place->ballHeight) }}</td>
                            <td>{{ $plan->print->change($place->residual()->millimetres()) }}</td>
                        </tr>
                        @foreach (\App\Words\HeadWords::inTheWay($place) as $warning)
                            <tr><td colspan="4" class="sentence" data-tone="caution">{{ $warning }}</td></tr>
                        @endforeach
                    @endforeach
                </tbody>
            </table>
            <x-derivation :groups="$plan->head()->placeTerms($places)" :plan="$plan" :summary="__('page/plan.head.where_these_heights_come_from')" />
            @if ($errors->any())<p class="sentence" id="head-says" role="alert" data-tone="stop">{{ $errors->first() }}</p>@endif
            <div class="tape-foot">
                <input name="because" aria-label="{{ __('page/plan.head.reason_if_something_is_in') }}" placeholder="{{ __('page/plan.head.reason_if_something_is_in') }}" maxlength="200" value="{{ old('because', $bolted['because'] ?? '') }}" @if ($errors->has('because')) aria-invalid="true" aria-describedby="head-says" @endif>
                <button class="button is-small">{{ __('page/plan.head.record_this_hole') }}</button>
            </div>
        </form>
    @endif
    <details class="levelling another-hole" @if ($places === [] || $errors->has('hole')) open @endif>
        <summary>{{ __('page/plan.head.another_hole') }}</summary>
        <form method="post" action="{{ route('jobs.head', $job) }}" class="head-places" data-look="hole">
            @csrf
            <label>{{ __('page/plan.head.way') }} <select name="turned">@foreach (['drop', 'rise'] as $turned)<option value="{{ $turned }}" @selected(old('turned', $bolted['turned'] ?? 'drop') === $turned)>{{ __("head.turned.$turned") }}</option>@endforeach</select></label>
            <label>{{ __('page/plan.head.hole_label') }} <input name="hole" inputmode="decimal" maxlength="6" value="{{ old('hole', isset($bolted['hole']) ? \App\Words\Figures::short($bolted['hole']) : '') }}" @if ($errors->has('hole')) aria-invalid="true" aria-describedby="hole-says" @endif></label>
            @if ($errors->has('hole'))<p class="sentence" id="hole-says" role="alert" data-tone="stop">{{ $errors->first('hole') }}</p>@endif
            <input name="because" aria-label="{{ __('page/plan.head.reason_if_something_is_in') }}" placeholder="{{ __('page/plan.head.reason_if_something_is_in') }}" maxlength="200" value="{{ old('because', $bolted['because'] ?? '') }}">
            <button class="button is-small">{{ __('page/plan.head.record_this_hole') }}</button>
        </form>
    </details>
    <p><a class="button is-small" href="{{ route('chains', $job) }}">{{ __('chains.open') }}</a></p>
    <table class="ledger">
        <caption>{{ __('page/plan.head.other_rules_of_thumb') }}</caption>
        <tbody>
            @foreach ($plan->plan->schools() as $school)
                <tr><th scope="row">{{ \App\Words\HeadWords::school($school) }}</th><td>{{ $plan->print->length($school->lowest) }}{{ $school->highest->isGreaterThan($school->lowest) ? ' '.__('page/plan.head.to', ['highest' => $plan->print->length($school->highest)]) : '' }}</td><td>{{ $school->holds(\Yoke\Foundation\Units\Length::ofMillimetres($plan->plan->ballAdvised()->mean())) ? __('page/plan.head.agrees') : '' }}</td></tr>
            @endforeach
        </tbody>
    </table>
    @include('plan.take-back')
    @include('plan.assumptions')
</div>
