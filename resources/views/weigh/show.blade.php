@php($elevation = $page->plan->elevation())
@php($sheet = \Yoke\Drawing\Sheet::withLoads($elevation, 6.2))
@php($arrows = $page->arrows($elevation))
<x-layout :title="'Weigh station, '.$page->job->title">
    <main class="yard">
        <x-weigh-tabs :job="$page->job" here="weigh" />
        <p class="saved-at" role="status">{{ session('saved') }}</p>
        <div class="card drawing">
            <div class="elevation">
                <x-rig-drawing :elevation="$elevation" :sheet="$sheet" :stances="[$elevation->latest()]" role="img" aria-label="The rig with the loads of the latest ticket; its figures stand in the table"><x-slot:upright><x-load-arrows :arrows="$arrows" /></x-slot:upright></x-rig-drawing>
                <div class="load-labels" aria-hidden="true">@foreach ($arrows as $arrow)<span style="--at: {{ $sheet->across($arrow->x) }}%">{{ $page->load($arrow->load) }}</span>@endforeach</div>
            </div>
        </div>
        <div class="weigh">
            <form method="post" action="{{ route('weigh.store', $page->job) }}" class="card" enctype="multipart/form-data" novalidate>
                @csrf
                <div class="pair">
                    <x-picked name="stance" label="Weighed" :options="['alone' => 'Alone', 'dropped' => 'Dropped, bars off', 'carried' => 'Carried, at the current setting']" />
                    <x-picked name="step" label="Scale step" :options="array_combine(array_keys(\App\Http\Controllers\Weigh\Tickets::STEPS_KG), array_keys(\App\Http\Controllers\Weigh\Tickets::STEPS_KG))" />
                </div>
                <div class="field">
                    <label for="ticket">Ticket, typed or pasted</label>
                    <textarea id="ticket" name="ticket" rows="3" placeholder="front 1460&#10;rear 1190&#10;trailer 2780" aria-describedby="ticket-says" @error('ticket') aria-invalid="true" @enderror>{{ old('ticket') }}</textarea>
                    <p class="sentence" id="ticket-says" @error('ticket') data-tone="stop" role="alert" @enderror>@error('ticket'){{ $message }}@else An axle a line; two on one platform as front+rear. Add gross and time if they are printed. @enderror</p>
                </div>
                <div class="field"><label for="file">Or a file of separated values</label><input id="file" type="file" name="file" accept=".csv,.txt,text/csv"></div>
                <p class="sentence" data-device-says role="status"></p>
                <div class="tape-foot"><button class="button is-first">Save ticket</button> <x-device :job="$page->job" kind="weighbridge" label="Read the weighbridge" /></div>
            </form>
            <section class="card" aria-label="What the tickets say">
                @foreach ($page->mismatches() as $sentence)<p class="do-next is-over">{{ $sentence }}</p>@endforeach
                @php($advice = $page->advice())
                @php($verdict = $advice->verdict())
                @foreach ($advice->suspects() as $suspect)<p class="do-next is-over" data-suspect>{{ $advice->verdictWords->suspect($suspect) }}</p>@endforeach
                @if ($verdict)
                    <div @class(['do-next', 'is-in-range' => $advice->isInRange()])>
                        <p><x-verdict-chip :verdict="$verdict->verdict" /> {{ __('verdict.heading') }}: <span data-restored>{{ \App\Words\VerdictWords::share($verdict->share) }}</span>. @if ($advice->onTheRoad() !== ''){{ $advice->onTheRoad() }}.@endif</p>
                        <p class="expected">{{ $advice->move() }} {{ $advice->chance() }}</p>
                    </div>
                    @include('bench.evidence')
                @endif
                @php($results = $page->results())
                @if ($results !== [])
                    <table class="ledger">
                        <caption>What the tickets come to, by statics alone</caption>
                        @foreach ($results as [$what, $comes])<tr><th scope="row">{{ $what }}</th><td>{{ $comes }}</td></tr>@endforeach
                    </table>
                @else
                    <p class="sentence">Two tickets, alone and dropped, tell the tongue weight; a third, carried, the front axle load restored. Vehicle and trailer stand level, jack up, nobody aboard who does not travel.</p>
                @endif
                @if ($page->tickets !== [])
                    <table class="ledger">
                        <caption>Tickets</caption>
                        <thead><tr><th scope="col">Stance</th><th scope="col">Front</th><th scope="col">Rear</th><th scope="col">Trailer</th><th scope="col"></th></tr></thead>
                        @foreach ($page->tickets as $ticket)
                            <tr>
                                <th scope="row">{{ ucfirst($ticket->stance->value) }} <span class="who">{{ $page->setting($ticket) }} {{ $ticket->weighed_at->format('j M H:i') }}, {{ $ticket->user->name }}</span></th>
                                @foreach (\Yoke\Readings\Weighing\WeighedAxle::cases() as $axle)<td>{{ $page->axle($ticket, $axle) }}</td>@endforeach
                                <td><form method="post" action="{{ route('weigh.withdraw', [$page->job, $ticket->id]) }}">@csrf<button class="button is-small" aria-label="Delete the {{ $ticket->stance->value }} ticket of {{ $ticket->weighed_at->format('H:i') }}">Delete</button></form></td>
                            </tr>
                        @endforeach
                    </table>
                @endif
                @foreach ($page->ratings() as [$ticket, $lines])
                    <table class="ledger">
                        <caption>{{ ucfirst(trim($ticket->stance->value.', '.$page->setting($ticket), ', ')) }}: weighed, and rated for</caption>
                        @foreach ($lines as $line)<tr @class(['is-over' => $line->isOutside()])><th scope="row">{{ ucfirst(\App\Words\RatingWords::of($line)) }}</th><td>{{ $page->load($line->carries) }}</td><td>{{ $page->load($line->may) }}</td><td>{{ $line->isOutside() ? 'over by '.$page->load($line->margin()?->absolute()) : $page->load($line->margin()).' left' }}</td></tr>@endforeach
                    </table>
                @endforeach
            </section>
        </div>
    </main>
</x-layout>
