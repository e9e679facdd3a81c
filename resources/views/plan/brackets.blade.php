<div class="plan-panel" tabindex="0" aria-label="{{ __('page/plan.brackets.plan_of_the_brackets') }}">
    @php($move = $plan->firstMove())
    @if ($move === null)
        <p class="do-next">{{ __('page/plan.brackets.the_family_of_the_hitch') }}</p>
        <p><a class="button" href="{{ $plan->sheetOf(\Yoke\Rig\Specification\RigPart::Hitch) }}">{{ __('page/plan.brackets.choose_the_family') }}</a></p>
    @else
        @if ($plan->start()->says() !== '')<p @class(['do-next' => $plan->start()->isReturnVisit(), 'sentence' => ! $plan->start()->isReturnVisit()]) data-tone="note">{{ $plan->start()->says() }}</p>@endif
        @php($first = $move->forecast)
        <div @class(['do-next' => ! $plan->start()->isReturnVisit(), 'sentence' => $plan->start()->isReturnVisit()])>
            @if ($first->isOpen())
                <p>{{ __('page/plan.brackets.up_at_likely_to_be', ['comes_back' => $plan->start()->isReturnVisit() ? __('page/plan.brackets.otherwise_hook') : __('page/plan.brackets.hook'), 'first' => $plan->setting($first), 'chance' => ucfirst($plan->chance($first->chance)), 'is_before_the_first' => $plan->isBeforeTheFirst() ? __('page/plan.brackets.at_the_first') : '']) }}</p>
            @else
                <p>{{ __('move.cannot') }}</p>
            @endif
            @if ($plan->plan->isInTheYardOnly($first))<p data-yard-only>{{ __('move.yard_only') }}</p>@endif
            <x-derivation :terms="$plan->plan->settingTerms($first)" :plan="$plan" :summary="__('page/plan.brackets.where_this_chance_comes_from')" />
        </div>
        @php($brackets = $plan->brackets())
        @if ($brackets->sheetStart() !== '')<p class="sentence" data-tone="note">{{ $brackets->sheetStart() }}</p>@endif
        @if ($plan->described->inPlace()->barHang())
            <p class="sentence" data-tone="note">{{ $brackets->place() }} {{ $brackets->holes() }} {{ $brackets->chains($first) }}</p>
        @endif
        @if ($clearance = $brackets->clearance($first))
            <p class="sentence" data-tone="note">{{ __('page/plan.brackets.bar_tips_clear_of_the', ['clearance' => $plan->print->length($clearance)]) }}</p>
            <x-derivation :terms="$plan->plan->clearanceTerms($first->setting)" :plan="$plan" :summary="__('page/plan.brackets.where_this_clearance_comes_from')" />
        @endif
        @if ($first->isOpen() && $brackets->jacked($first) !== '')<p class="sentence" data-tone="note" data-jacked>{{ $brackets->jacked($first) }}</p>@endif
        @if ($plan->little() !== '')<p class="sentence" data-tone="note" data-little>{{ $plan->little() }}</p>@endif
        <table class="ledger">
            <caption>{{ __('page/plan.brackets.by_their_chance', ['is_before_the_first' => $plan->isBeforeTheFirst() ? __('page/plan.brackets.first_settings') : __('page/plan.brackets.settings')]) }}</caption>
            <thead><tr><th scope="col">{{ __('page/plan.brackets.setting') }}</th><th scope="col">{{ __('page/plan.brackets.restored') }}</th><th scope="col">{{ __('page/plan.brackets.in_range') }}</th><th scope="col">{{ __('page/plan.brackets.too_much') }}</th>@if ($plan->described->inPlace()->barHang())<th scope="col">{{ __('page/plan.brackets.bars_and_frame') }}</th>@endif</tr></thead>
            <tbody>
                @foreach ($plan->firstSettings() as $one)
                    @php($parallel = $plan->plan->fromParallel($one->setting))
                    <tr><th scope="row">{{ $plan->setting($one) }}</th><td>{{ $plan->print->percent($one->share()->mean()) }}</td><td>{{ $plan->chance($one->chance) }}</td><td>{{ $plan->chance($one->over) }}</td>@if ($plan->described->inPlace()->barHang())<td>{{ $parallel ? __('page/plan.brackets.apart', ['angle' => $plan->print->degrees($parallel)]) : '–' }}</td>@endif</tr>
                @endforeach
            </tbody>
        </table>
        @if ($plan->ruledOut() !== [])<p class="sentence">{{ __('page/plan.brackets.ruled_out') }} @foreach ($plan->ruledOut() as $why => $many){{ trans_choice('setting.ruled_out', $many, ['count' => $many, 'why' => $why]) }}{{ $loop->last ? '.' : '; ' }}@endforeach</p>@endif
    @endif
    @include('plan.assumptions')
</div>
