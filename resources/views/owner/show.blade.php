@php([$link, $card, $answer] = [$page->link, $page->card, $page->answer()])
<x-owner-layout :title="$card->job->title" :link="$link">
    <main class="owner" data-keep="{{ json_encode([$link->address(), $link->addressOf('owner.loads'), $link->addressOf('owner.paper'), ...array_map(fn ($occasion) => $link->address($occasion), \Yoke\Workshop\Procedure\Occasion::cases())]) }}">
        <header>
            <h1>{{ $card->job->title }}</h1>
            <p>{{ $card->job->rigAsWorked()->vehicleName() }} · {{ $card->job->rigAsWorked()->trailerName() }}</p>
            <p class="who">{{ __('page/owner.show.as_of', ['made' => now()->isoFormat('D MMM YYYY HH:mm')]) }}</p>
        </header>
        <p class="saved-at" role="status">{{ session('saved') }}</p>
        @if ($page->table === null)
            <p class="card owner-part">{{ __('page/owner.show.no_setting_yet') }}</p>
        @else
            <form method="get" action="{{ route('owner.card', ['token' => $link->token], false) }}" class="owner-load" data-owner-load novalidate>
                <input type="hidden" name="signature" value="{{ request()->query('signature') }}">
                @php($said = $answer === null ? null : $page->said($answer))
                @if ($said !== null)<p class="owner-headline is-answer" data-headline data-tone="{{ $said['tone'] }}" aria-live="polite">{{ $said['headline'] }}</p>@endif
                <section class="card owner-part" aria-label="{{ __('page/owner.show.todays_load') }}">
                    <h2>{{ __('page/owner.show.todays_load') }}</h2>
                    <p class="sentence">{{ __('page/owner.show.against_the_set_up') }}</p>
                    @foreach ($page->steppers as $stepper)
                        <div class="owner-stepper" data-stepper data-axis="{{ $stepper->axis->key }}">
                            <label for="load-{{ $stepper->axis->key }}">{{ $stepper->label() }} <span class="who">{{ $stepper->each() }}</span></label>
                            <button type="button" data-less hidden aria-label="{{ __('page/owner.show.less', ['what' => $stepper->label()]) }}">−</button>
                            <select id="load-{{ $stepper->axis->key }}" name="load[{{ $stepper->axis->key }}]">
                                @foreach ($stepper->values() as $value => $says)<option value="{{ $value }}" @selected($value === ($stepper->value() ?? $stepper->axis->now))>{{ $says }}</option>@endforeach
                            </select>
                            <button type="button" data-more hidden aria-label="{{ __('page/owner.show.more', ['what' => $stepper->label()]) }}">+</button>
                            @if ($stepper->says() !== '')<p class="sentence" data-tone="stop" role="alert">{{ $stepper->says() }}</p>@endif
                        </div>
                    @endforeach
                    <noscript><button class="button">{{ __('page/owner.show.show_answer') }}</button></noscript>
                </section>
                <section class="card owner-part owner-answer" aria-label="{{ __('page/owner.show.answer') }}" aria-live="polite" data-answer>
                    <h2>{{ __('page/owner.show.answer') }}</h2>
                    @if ($said !== null)
                        <ul data-sentences>@foreach ($said['sentences'] as $sentence)<li>{{ $sentence }}</li>@endforeach</ul>
                    @endif
                    <p class="sentence">{{ __('page/owner.show.small_adjuster_only') }}</p>
                </section>
                @if ($page->hasHeights())
                    <section class="card owner-part" aria-label="{{ __('page/owner.show.two_heights') }}">
                        <h2>{{ __('page/owner.show.two_heights') }}</h2>
                        <p class="sentence">{{ __('page/owner.show.how_to_measure') }}</p>
                        @foreach (\Yoke\Rig\Parts\Axle::cases() as $axle)
                            <div class="owner-stepper" data-stepper>
                                <label for="height-{{ $axle->value }}">{{ $axle === \Yoke\Rig\Parts\Axle::Front ? __('page/owner.show.front') : __('page/owner.show.rear') }}</label>
                                <button type="button" data-less hidden aria-label="{{ __('page/owner.show.lower') }}">−</button>
                                <select id="height-{{ $axle->value }}" name="{{ $axle->value }}" data-height="{{ $axle->value }}">
                                    @foreach ($page->heights($axle) as $off => $height)<option value="{{ $off }}" @selected((string) $off === $page->height($axle))>{{ $height }}</option>@endforeach
                                </select>
                                <button type="button" data-more hidden aria-label="{{ __('page/owner.show.higher') }}">+</button>
                            </div>
                        @endforeach
                        <p class="owner-headline" role="status" data-finding>{{ $page->finding() === null ? '' : \App\Words\TripWords::heights($page->finding()) }}</p>
                        <noscript><button class="button">{{ __('page/owner.show.check_heights') }}</button></noscript>
                    </section>
                @endif
            </form>
        @endif
        @if ($page->gauge() !== [])
            <form method="get" action="{{ route('owner.card', ['token' => $link->token], false) }}" class="card owner-part" aria-label="{{ __('gauge.today.heading') }}" data-gauge-today>
                <input type="hidden" name="signature" value="{{ request()->query('signature') }}">
                <h2>{{ __('gauge.today.heading') }}</h2>
                <p class="sentence">{{ __('gauge.today.how') }}</p>
                <div class="owner-stepper" data-stepper>
                    <label for="gauge-shows">{{ __('gauge.today.shows') }}</label>
                    <button type="button" data-less hidden aria-label="{{ __('page/owner.show.less', ['what' => __('gauge.today.shows')]) }}">−</button>
                    <select id="gauge-shows" name="gauge" data-gauge>
                        @foreach ($page->gauge() as $shows => $target)<option value="{{ $shows }}" data-target="{{ $target }}" @selected($shows === $page->gaugeShows())>{{ $shows }}</option>@endforeach
                    </select>
                    <button type="button" data-more hidden aria-label="{{ __('page/owner.show.more', ['what' => __('gauge.today.shows')]) }}">+</button>
                </div>
                <p class="owner-headline" role="status">{{ __('gauge.today.target') }} <span data-todays-target>{{ $page->gauge()[$page->gaugeShows()] ?? '' }}</span></p>
                <p class="sentence">{{ __('gauge.today.makers') }}</p>
                <noscript><button class="button">{{ __('page/owner.show.show_answer') }}</button></noscript>
            </form>
        @endif
        <nav class="card owner-part" aria-label="{{ __('page/owner.show.procedures') }}">
            <h2>{{ __('page/owner.show.procedures') }}</h2>
            <div class="owner-links">@foreach (\Yoke\Workshop\Procedure\Occasion::cases() as $occasion)<a class="button" href="{{ $link->address($occasion) }}">{{ \App\Words\ProcedureWords::title($occasion) }}</a>@endforeach</div>
        </nav>
        <section class="card owner-part is-stop" aria-label="{{ __('page/card.body.if_it_sways') }}"><h2>{{ __('page/card.body.if_it_sways') }}</h2><ul>@foreach (\App\Words\SwayWords::onTheRoad() as $sentence)<li>{{ $sentence }}</li>@endforeach</ul></section>
        @if ($page->due() !== [])
            <section class="card owner-part" aria-label="{{ __('page/owner.show.due') }}"><h2>{{ __('page/owner.show.due') }}</h2>
                <ul>@foreach ($page->due() as $line)<li>{{ \App\Words\ServiceWords::what($line->due->task) }}: {{ $line->when() }}</li>@endforeach</ul>
            </section>
        @endif
        <section class="card owner-part card-paper" aria-label="{{ __('page/owner.show.card') }}">
            <h2>{{ __('page/owner.show.card') }}</h2>
            @include('card.body', ['page' => $card])
            <div class="owner-links no-print"><a class="button" href="{{ $link->addressOf('owner.paper') }}">{{ __('page/owner.show.on_paper') }}</a>@foreach (\App\Models\Paper::cases() as $paper)<a class="button" href="{{ $link->pdfAddress($paper) }}">{{ __('page/card.show.pdf', ['paper' => __('screen.paper.'.$paper->value)]) }}</a>@endforeach</div>
        </section>
        <form method="post" action="{{ $link->addressOf('owner.note') }}" class="card owner-part" aria-label="{{ __('page/owner.show.note') }}" data-owner-note>
            <h2>{{ __('page/owner.show.note') }}</h2>
            <label class="sr-only" for="note">{{ __('page/owner.show.note') }}</label>
            <textarea id="note" name="note" rows="4" maxlength="2000" aria-describedby="note-says">{{ old('note') }}</textarea>
            <p class="sentence" id="note-says" role="status" @error('note') data-tone="stop" @enderror data-note-says>@error('note'){{ $message }}@else{{ __('page/owner.show.note_hint') }}@enderror</p>
            <button class="button">{{ __('page/owner.show.send') }}</button>
        </form>
        <p class="disclaimer">{{ __('page/owner.show.disclaimer') }}</p>
    </main>
</x-owner-layout>
