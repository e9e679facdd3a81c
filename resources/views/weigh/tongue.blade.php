@php($print = $page->plan->print)
<x-layout :title="'Tongue weight, '.$page->job->title">
    <main class="yard">
        <x-weigh-tabs :job="$page->job" here="tongue" />
        <p class="saved-at" role="status">{{ session('saved') }}</p>
        <div class="weigh">
            <form method="post" action="{{ route('tongue.store', $page->job) }}" class="card" novalidate data-ways>
                @csrf
                <div class="pair">
                    <x-picked name="way" label="Read by" :options="collect(\App\Models\TongueWay::cases())->mapWithKeys(fn ($way) => [$way->value => $way->label()])->all()" />
                    <x-typed name="read" label="It shows" hint="A load; for a share of gross, percent" />
                </div>
                <div class="pair">
                    <x-typed name="hitch_height" label="Coupler height when measured" :hint="$page->readings->levelOnSheet() === null ? 'Ground to the top of the ball\'s seat' : 'Left empty: level, '.$print->length($page->readings->levelOnSheet())" />
                    <x-typed name="behind_ball" label="Scale behind the ball" hint="Under the jack; left empty: under the coupler" />
                </div>
                <fieldset class="pair lever">
                    <legend class="sentence">With a lever: a beam on a support and on the scale, the tongue between</legend>
                    <x-typed name="arm_scale" label="Support to scale" />
                    <x-typed name="arm_tongue" label="Support to tongue" />
                </fieldset>
                <p class="caution"><x-warning-sign /><span>Chock the wheels first. The tongue stands on the scale, never over a foot; nobody reaches under a trailer on its jack.</span></p>
                <p class="sentence" data-device-says role="status"></p>
                <div class="tape-foot"><button class="button is-first">Save reading</button> <x-device :job="$page->job" kind="tongue-scale" stance="alone" label="Read the tongue scale" /> <x-device :job="$page->job" kind="gauge" stance="dropped" label="Read the gauge" /></div>
            </form>
            <section class="card" aria-label="What the tongue weighs">
                @if ($page->curve === null)
                    <p class="sentence">One reading tells the tongue weight; a second with the tongue higher or lower tells how it changes with hitch height. A tall trailer loses tongue weight as its tongue is raised.</p>
                @else
                    <table class="ledger">
                        @if ($page->byTickets() !== null)<tr><th scope="row">By two tickets, level</th><td>{{ $page->load($page->byTickets()) }}</td><td></td></tr>@endif
                        <tr><th scope="row">Trailer level</th><td><strong>{{ $page->load($page->curve->level()) }}</strong></td><td>{{ sprintf('%.1f %% of gross', 100 * $page->share()->share) }}</td></tr>
                        <tr><th scope="row">Carried, coupler at {{ $print->length($page->inUse()) }}</th><td><strong>{{ $page->load($page->curve->at($page->inUse())) }}</strong></td><td>as planned</td></tr>
                    </table>
                    <p @class(['do-next', 'is-over' => ! $page->share()->isUsual(), 'is-in-range' => $page->share()->isUsual()])>{{ \App\Words\LoadWords::share($page->share()) }}</p>
                    @include('weigh.height-curve', ['plot' => $page->plot()])
                    <p class="sentence">{{ $page->slope() }} @if ($page->curve->isFitted()){{ $page->centreOfGravity() }}@endif</p>
                    <table class="ledger">
                        <caption>Readings</caption>
                        <thead><tr><th scope="col">By</th><th scope="col">On the ball</th><th scope="col">In use</th><th scope="col"></th></tr></thead>
                        @foreach ($page->readings->counting as $reading)
                            <tr>
                                <th scope="row">{{ $reading->way->label() }} <span class="who">at {{ $reading->hitch_height_mm === null ? 'level' : $print->height($reading->hitch_height_mm) }}{{ $page->lever($reading) === '' ? '' : ', '.$page->lever($reading) }}, {{ $reading->read_at->format('j M H:i') }}, {{ $reading->user->name }}</span></th>
                                <td>{{ $page->onBall($reading) }}</td>
                                <td>{{ $page->carried($reading) }}</td>
                                <td><form method="post" action="{{ route('tongue.withdraw', [$page->job, $reading->id]) }}">@csrf<button class="button is-small" aria-label="Delete the reading of {{ $reading->read_at->format('H:i') }}">Delete</button></form></td>
                            </tr>
                        @endforeach
                    </table>
                @endif
            </section>
        </div>
    </main>
</x-layout>
