@php($elevation = $page->plan->drawing()->elevation())
@php($sheet = \Yoke\Showing\Drawing\Canvas::withLoads($elevation, 6.2))
@php($arrows = $page->arrows($elevation))
<x-layout :title="__('page/weigh.show.weigh_station', ['title' => $page->job->title])">
    <main class="yard">
        <x-weigh-tabs :job="$page->job" here="weigh" />
        <p class="saved-at" role="status">{{ session('saved') }}</p>
        <div class="card drawing">
            <div class="elevation">
                <x-rig-drawing :elevation="$elevation" :sheet="$sheet" :stances="[$elevation->latest()]" role="img" :aria-label="__('page/weigh.show.the_rig_with_the_loads')"><x-slot:upright><x-load-arrows :arrows="$arrows" /></x-slot:upright></x-rig-drawing>
                <div class="load-labels" aria-hidden="true">@foreach ($arrows as $arrow)<span data-figure="under {{ $arrow->what }} {{ $page->weighedIn() }}" class="x-at-{{ \App\Screens\View\Across::at($sheet->across($arrow->x)) }}">{{ $page->arrowSays($arrow) }}</span>@endforeach</div>
            </div>
        </div>
        <div class="weigh">
            <form method="post" action="{{ route('weigh.store', $page->job) }}" class="card" enctype="multipart/form-data" novalidate>
                @csrf
                <div class="pair">
                    <x-picked name="stance" :label="__('page/weigh.show.weighed')" :options="['alone' => __('page/weigh.show.alone'), 'dropped' => __('page/weigh.show.dropped_bars_off'), 'carried' => __('page/weigh.show.carried_at_the_current_setting')]" />
                    <x-picked name="step" :label="__('page/weigh.show.scale_step')" :options="$page->steps()" />
                </div>
                <fieldset class="conditions"><legend>{{ __('air.conditions') }}</legend>@foreach (\Yoke\Measuring\Readings\Weighing\Condition::cases() as $condition)<label class="tick"><input type="checkbox" name="{{ $condition->value }}" value="1" @checked(old($condition->value))> {{ __('air.condition.'.$condition->value) }}</label> @endforeach</fieldset>
                <div class="field">
                    <label for="ticket">{{ __('page/weigh.show.ticket_typed_or_pasted') }}</label>
                    <textarea id="ticket" name="ticket" rows="3" placeholder="{{ $page->example() }}" aria-describedby="ticket-says" @error('ticket') aria-invalid="true" @enderror>{{ old('ticket') }}</textarea>
                    <p class="sentence" id="ticket-says" @error('ticket') data-tone="stop" role="alert" @enderror>@error('ticket'){{ $message }}@else {{ __('page/weigh.show.an_axle_a_line_two') }} @enderror</p>
                </div>
                <div class="field"><label for="file">{{ __('page/weigh.show.or_a_file_of_separated') }}</label><input id="file" type="file" name="file" accept=".csv,.txt,text/csv"></div>
                <p class="sentence" data-device-says role="status"></p>
                <div class="tape-foot"><button class="button is-first">{{ __('page/weigh.show.save_ticket') }}</button> <x-device :job="$page->job" kind="weighbridge" :label="__('page/weigh.show.read_the_weighbridge')" /></div>
            </form>
            <section class="card" aria-label="{{ __('page/weigh.show.what_the_tickets_say') }}">
                @if ($lifted = $page->lifted())
                    @php([$asks, $weighed, $condition] = $lifted)
                    <form method="post" action="{{ route('weigh.condition', [$page->job, $weighed->id]) }}" class="do-next is-over" data-lifted>@csrf<p>{{ $asks }}</p><input type="hidden" name="{{ $condition->value }}" value="1"><button class="button is-small">{{ __('air.mark') }}</button></form>
                @endif
                @foreach ($page->mismatches() as $sentence)<p class="do-next is-over">{{ $sentence }}</p>@endforeach
                @php($advice = $page->advice())
                @php($verdict = $advice->verdict())
                @foreach ($advice->suspects() as $suspect)<p @class(['do-next is-over' => $advice->isProbable($suspect), 'sentence' => ! $advice->isProbable($suspect)]) data-tone="caution" data-suspect>{{ $advice->verdictWords->suspect($suspect) }}</p>@endforeach
                @if ($verdict)
                    <div @class(['do-next', 'is-in-range' => $advice->isInRange()])>
                        <p><x-verdict-chip :verdict="$verdict->verdict" /> {{ __('verdict.heading') }}: <span data-figure="share" data-restored>{{ \App\Words\VerdictWords::share($verdict->share) }}</span>. @if ($advice->onTheRoad() !== ''){{ $advice->onTheRoad() }}.@endif</p>
                        <p class="expected"><span data-figure="move">{{ $advice->move() }}</span> <span data-figure="chance">{{ $advice->chance() }}</span></p>
                        @if ($advice->isInTheYardOnly())<p class="sentence" data-tone="caution" data-yard-only>{{ __('move.yard_only') }}</p>@endif
                    </div>
                    @include('bench.evidence')
                @endif
                @php($results = $page->results())
                @if ($results !== [])
                    <table class="ledger">
                        <caption>{{ __('page/weigh.show.what_the_tickets_come_to') }}</caption>
                        @foreach ($results as [$what, $comes])<tr><th scope="row">{{ $what }}</th><td>{{ $comes }}</td></tr>@endforeach
                    </table>
                @else
                    <p class="sentence">{{ __('page/weigh.show.two_tickets_alone_and_dropped') }}</p>
                @endif
                @if ($page->tickets !== [])
                    <table class="ledger">
                        <caption>{{ __('page/weigh.show.tickets') }}</caption>
                        <thead><tr><th scope="col">{{ __('page/weigh.show.stance') }}</th><th scope="col">{{ __('page/weigh.show.front') }}</th><th scope="col">{{ __('page/weigh.show.rear') }}</th><th scope="col">{{ __('page/weigh.show.trailer') }}</th><th scope="col"></th></tr></thead>
                        @foreach ($page->tickets as $ticket)
                            <tr>
                                <th scope="row">{{ \App\Words\RigWords::head($ticket->stance) }} <span class="who">{{ $page->setting($ticket) }} @foreach ($ticket->conditions() as $condition)<strong>{{ __('air.condition.'.$condition->value) }}</strong> @endforeach{{ $ticket->weighed_at->isoFormat('D MMM HH:mm') }}, {{ $ticket->user->name }}</span></th>
                                @foreach (\Yoke\Measuring\Readings\Weighing\WeighedAxle::cases() as $axle)<td>{{ $page->axle($ticket, $axle) }} @if ($page->change($ticket, $axle) !== '')<span class="who" data-change>{{ $page->change($ticket, $axle) }}</span>@endif</td>@endforeach
                                <td><form method="post" action="{{ route('weigh.withdraw', [$page->job, $ticket->id]) }}">@csrf<button class="button is-small" aria-label="{{ __('page/weigh.show.delete_the_ticket_of', ['stance' => \App\Words\RigWords::stance($ticket->stance), 'weighed_at' => $ticket->weighed_at->format('H:i')]) }}">{{ __('page/weigh.show.delete') }}</button></form></td>
                            </tr>
                        @endforeach
                    </table>
                    <p class="sentence" data-weighings>{{ $page->counted() }} @if (count($page->tickets) > 1){{ __('page/weigh.show.changes_from_alone') }}@endif</p>
                @endif
                @include('weigh.air', ['air' => $page->air()])
                @php($others = $page->others()->rows())
                @if ($others !== [])
                    <table class="ledger is-wide">
                        <caption>{{ __('page/weigh.show.the_same_rig_weighed_before') }}</caption>
                        <thead><tr><th scope="col">{{ __('page/weigh.show.set_up') }}</th><th scope="col">{{ __('page/weigh.show.tongue_on_the_ball') }}</th><th scope="col">{{ __('page/weigh.show.restored') }}</th><th scope="col">{{ __('page/weigh.show.moved_forward_back') }}</th><th scope="col">{{ __('page/weigh.show.front') }}</th><th scope="col">{{ __('page/weigh.show.rear') }}</th><th scope="col">{{ __('page/weigh.show.trailer') }}</th></tr></thead>
                        @foreach ($others as $row)<tr><th scope="row">{{ $row['hitch'] }} <span class="who">{{ $row['title'] }}, {{ $row['on'] }}</span></th>@foreach ($row['figures'] as $figure)<td>{{ $figure }}</td>@endforeach</tr>@endforeach
                    </table>
                    @include('weigh.changes-drawn', ['drawn' => $page->others()->drawn()])
                @endif
                @foreach ($page->ratings() as [$ticket, $lines])
                    <table class="ledger">
                        <caption>{{ __('page/weigh.show.weighed_and_rated_for', ['ticket' => \Illuminate\Support\Str::ucfirst(trim(\App\Words\RigWords::stance($ticket->stance).', '.$page->setting($ticket), ', '))]) }}</caption>
                        @foreach ($lines as $line)<tr @class(['is-over' => $line->isOver(), 'is-caution' => $line->isOutside() && ! $line->isOver()]) @if ($page->counts($ticket)) data-figure="rated {{ $line->key() }}" data-state="{{ $line->state()->value }}" @endif><th scope="row">{{ ucfirst(\App\Words\RatingWords::part($line)) }}</th><td data-carries>{{ $page->plan->print->carries($line) }}</td><td>{{ $page->load($line->may) }}</td><td>{{ $line->isOutside() ? __('page/weigh.show.over_by', ['load' => $page->plan->print->margin($line)]) : __('page/weigh.show.left', ['load' => $page->plan->print->margin($line)]) }}</td></tr>@endforeach
                    </table>
                @endforeach
            </section>
        </div>
    </main>
</x-layout>
