@php($print = $page->plan->print)
<x-layout :title="__('page/weigh.tongue.tongue_weight', ['title' => $page->job->title])">
    <main class="yard">
        <x-weigh-tabs :job="$page->job" here="tongue" />
        <p class="saved-at" role="status">{{ session('saved') }}</p>
        <div class="weigh">
            <form method="post" action="{{ route('tongue.store', $page->job) }}" class="card" novalidate data-ways>
                @csrf
                <div class="pair">
                    <x-picked name="way" :label="__('page/weigh.tongue.read_by')" :chosen="$page->way()" :options="collect(\App\Models\TongueWay::cases())->mapWithKeys(fn ($way) => [$way->value => __('screen.way.'.$way->value)])->all()" />
                    <x-typed name="read" :label="__('page/weigh.tongue.it_shows')" :hint="__('page/weigh.tongue.a_load_for_a_share')" />
                </div>
                <div class="pair">
                    <x-typed name="hitch_height" :label="__('page/weigh.tongue.coupler_height_when_measured')" :hint="$page->readings->levelOnSheet() === null ? __('page/weigh.tongue.ground_to_the_seat') : __('page/weigh.tongue.left_empty_level', ['length' => $print->length($page->readings->levelOnSheet())])" />
                    <x-typed name="behind_ball" :label="__('page/weigh.tongue.scale_behind_the_ball')" :hint="__('page/weigh.tongue.under_the_jack_left_empty')" />
                </div>
                <fieldset class="pair lever">
                    <legend class="sentence">{{ __('page/weigh.tongue.with_a_lever_a_beam') }}</legend>
                    <x-typed name="arm_scale" :label="__('page/weigh.tongue.support_to_scale')" />
                    <x-typed name="arm_tongue" :label="__('page/weigh.tongue.support_to_tongue')" />
                </fieldset>
                <div class="pair">
                    <x-typed name="fresh" :label="__('page/weigh.tongue.fresh_tank')" :hint="__('page/weigh.tongue.tanks_hint')" inputmode="decimal" />
                    <x-typed name="waste" :label="__('page/weigh.tongue.waste_tank')" inputmode="decimal" />
                </div>
                <p class="caution"><x-warning-sign /><span>{{ __('page/weigh.tongue.chock_the_wheels_first_the') }}</span></p>
                <p class="sentence" data-device-says role="status"></p>
                <div class="tape-foot"><button class="button is-first">{{ __('page/weigh.tongue.save_reading') }}</button> <x-device :job="$page->job" kind="tongue-scale" stance="alone" :label="__('page/weigh.tongue.read_the_tongue_scale')" /> <x-device :job="$page->job" kind="gauge" stance="dropped" :label="__('page/weigh.tongue.read_the_gauge')" /></div>
            </form>
            <section class="card" aria-label="{{ __('page/weigh.tongue.what_the_tongue_weighs') }}">
                @if ($page->curve === null)
                    <p class="sentence">{{ __('page/weigh.tongue.one_reading_tells_the_tongue') }}</p>
                @else
                    <table class="ledger">
                        @if ($page->byTickets() !== null)<tr><th scope="row">{{ __('page/weigh.tongue.by_two_tickets_level') }}</th><td>{{ $page->load($page->byTickets()) }}</td><td></td></tr>@endif
                        <tr><th scope="row">{{ __('page/weigh.tongue.trailer_level') }}</th><td><strong>{{ $page->load($page->curve->level()) }}</strong></td><td>{{ \App\Words\Text::of('screen.advice_page.of_gross_short', ['share' => \App\Words\Figures::fixed(100 * $page->share()->share)]) }}</td></tr>
                        <tr><th scope="row">{{ __('page/weigh.tongue.carried_coupler_at', ['in_use' => $print->length($page->inUse())]) }}</th><td><strong>{{ $page->load($page->curve->at($page->inUse())) }}</strong></td><td>{{ $page->shareInUse() }}, {{ __('page/weigh.tongue.as_planned') }}</td></tr>
                    </table>
                    <p @class(['do-next', 'is-over' => ! $page->share()->isUsual(), 'is-in-range' => $page->share()->isUsual()])>{{ \App\Words\LoadWords::share($page->share()) }}</p>
                    @include('weigh.height-curve', ['plot' => $page->plot()])
                    <p class="sentence">{{ $page->slope() }} @if ($page->curve->isFitted()){{ $page->centreOfGravity() }}@endif</p>
                    @if ($page->meets() !== [])<p class="sentence" data-meets><strong>{{ __('load.meets.heading') }}</strong> {{ implode('; ', $page->meets()) }}.</p>@endif
                    @foreach ($page->atOdds() as $odds)<p class="sentence" data-tone="caution" data-odds>{{ $odds }}</p>@endforeach
                    @foreach ($page->tankEffects() as $effect)<p class="sentence" data-tone="{{ $effect['agrees'] ? 'note' : 'caution' }}" data-tank>{{ $effect['says'] }}</p>@endforeach
                    @if ($page->readings->otherTanks !== [])<p class="sentence">{{ __('page/weigh.tongue.other_tanks_aside') }}</p>@endif
                    <table class="ledger">
                        <caption>{{ __('page/weigh.tongue.readings') }}</caption>
                        <thead><tr><th scope="col">{{ __('page/weigh.tongue.by') }}</th><th scope="col">{{ __('page/weigh.tongue.on_the_ball') }}</th><th scope="col">{{ __('page/weigh.tongue.in_use') }}</th><th scope="col"></th></tr></thead>
                        @foreach ([...$page->readings->counting, ...$page->readings->otherTanks] as $reading)
                            <tr>
                                <th scope="row">{{ __('screen.way.'.$reading->way->value) }} <span class="who">{{ __('page/weigh.tongue.at', ['hitch_height_mm' => $reading->hitch_height_mm === null ? __('page/weigh.tongue.level') : $print->height($reading->hitch_height_mm), 'reading' => $page->lever($reading) === '' ? '' : ', '.$page->lever($reading), 'read_at' => $reading->read_at->isoFormat('D MMM HH:mm'), 'user' => $reading->user->name]) }} {{ $page->tanks($reading) }}</span></th>
                                <td>{{ $page->onBall($reading) }}</td>
                                <td>{{ $page->carried($reading) }}</td>
                                <td><form method="post" action="{{ route('tongue.withdraw', [$page->job, $reading->id]) }}">@csrf<button class="button is-small" aria-label="{{ __('page/weigh.tongue.delete_the_reading_of', ['read_at' => $reading->read_at->format('H:i')]) }}">{{ __('page/weigh.tongue.delete') }}</button></form></td>
                            </tr>
                            @if ($page->standsApart($reading))<tr><td colspan="4" class="sentence" data-tone="caution" data-apart>{{ __('load.apart') }}</td></tr>@endif
                        @endforeach
                    </table>
                @endif
            </section>
        </div>
    </main>
</x-layout>
