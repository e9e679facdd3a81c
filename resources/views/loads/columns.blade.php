@if ($impossible !== '')
    <p class="do-next is-over" role="alert">{{ $impossible }}</p>
@elseif (in_array(null, $columns, true))
    <p class="sentence">{{ __('page/loads.columns.the_planner_needs_a_hitch') }}</p>
@else
    @php([$beside, $here] = $columns)
    @php($same = $page->state === $page->beside)
    @php($shown = $same ? [$here] : [$beside, $here])
    @if (count($page->states) > 2)
        <nav class="shelves" aria-label="{{ __('page/loads.columns.beside_which_load') }}"><span class="beside">{{ __('page/loads.columns.beside') }}</span>
            @foreach ($page->states as $one)
                @if ($one !== $page->state)<a href="{{ route('loads', [$page->job, $page->state->key(), 'beside' => $one->key()]) }}" @if ($one === $page->beside) aria-current="true" @endif>{{ \App\Words\LoadWords::state($one) }}</a>@endif
            @endforeach
        </nav>
    @endif
    <p class="sentence">{{ __('page/loads.columns.at', ['setting' => $page->settingInWords(), 'setting_from' => $page->settingFrom()]) }}@if ($same && count($page->states) > 1)@endif</p>
    <table class="ledger is-columns">
        <thead><tr><th></th>@foreach ($shown as $column)<th scope="col">{{ \App\Words\LoadWords::state($column->state) }}</th>@endforeach</tr></thead>
        @php($lines = array_map(fn ($column) => $column->lines(), $shown))
        @foreach ($lines[0] as $i => [$what])
            <tr><th scope="row">{{ $what }}</th>@foreach ($lines as $place => $ofColumn)<td @if (isset($ofColumn[$i][2]) && $shown[$place]->isAsRead()) data-figure="{{ $ofColumn[$i][2] }}" @endif>{{ $ofColumn[$i][1] }}</td>@endforeach</tr>
        @endforeach
    </table>
    <p @class(['do-next', 'is-over' => ! $here->shareIsUsual(), 'is-in-range' => $here->shareIsUsual()])>{{ $here->share() }}</p>
    <div @class(['do-next', 'is-in-range' => $here->isFine()]) data-small-move>
        <p><span @if ($here->isAsRead()) data-figure="move" @endif>{{ $here->move() }}</span> <span class="expected">{{ $here->promise() }} <span @if ($here->isAsRead()) data-figure="chance" @endif>{{ $here->chance() }}</span></span></p>
    </div>
    <div class="keep">
        @if ($here->keptSetting() !== '')<span>{{ __('page/loads.columns.saved_for', ['state' => \App\Words\LoadWords::state($here->state)]) }} <strong>{{ $here->keptSetting() }}</strong></span>@endif
        @if ($here->state->exists)
            <button class="button is-small" form="keep-setting">{{ __('page/loads.columns.keep_for_it', ['keepable' => $page->words()->of($here->keepable())]) }}</button>
        @endif
    </div>
    <form id="keep-setting" method="post" action="{{ route('loads.setting', [$page->job, $page->state->key()]) }}" hidden>
        @csrf
        @foreach ($here->keepable()->steps() as $adjuster => $step)<input type="hidden" name="steps[{{ $adjuster }}]" value="{{ $step }}">@endforeach
    </form>
    @if (! $same && $beside->keptSetting() !== '')<p class="sentence">{{ __('page/loads.columns.saved_for_2', ['state' => \App\Words\LoadWords::state($beside->state), 'kept_setting' => $beside->keptSetting()]) }}</p>@endif
    @php($ratings = $here->ratings())
    @if ($ratings !== [])
        <table class="ledger">
            <caption>{{ __('page/loads.columns.against_its_ratings', ['state' => \App\Words\LoadWords::state($here->state)]) }}</caption>
            @foreach ($ratings as $line)<tr @class(['is-over' => $line->isOver(), 'is-caution' => $line->isOutside() && ! $line->isOver()]) @if ($here->isAsRead()) data-figure="rated {{ $line->key() }}" data-state="{{ $line->state()->value }}" @endif><th scope="row">{{ ucfirst(\App\Words\RatingWords::of($line)) }}</th><td data-carries>{{ $here->carries($line) }}</td><td @class(['sentence' => $line->isOutside()])>{{ __('page/loads.columns.of', ['may' => $here->printed($line->may)]) }}{{ rtrim(' '.\App\Words\RatingWords::state($line)) }}</td></tr>@endforeach
        </table>
    @endif
    @php($levelled = $here->levelled())
    @if ($levelled !== [])
        <table class="ledger">
            <caption>{{ __('load.when_over.'.$page->plan->lifter()) }}</caption>
            @foreach ($levelled as $term)<tr><th scope="row">{{ $page->plan->termWords()->says($term) }}</th><td>{{ $page->plan->print->term($term) }}</td></tr>@endforeach
        </table>
        <p class="sentence">{{ __('page/loads.columns.lifting_the_rear_moves_no') }}</p>
    @endif
@endif
