@php($draft = $page->draft)
<x-layout :title="__('page/choice.show.title')" sheet="choice" here="garage">
    <main class="yard choice">
        <div class="yard-head"><h1>{{ __('page/choice.show.title') }}</h1><x-shelves on="choice" />@if ($page->choice !== null)<button type="button" class="button is-small" data-print>{{ __('page/choice.show.print') }}</button>@endif</div>
        @php([$vehicles, $trailers] = [$page->pickable(\Yoke\Rig\Specification\RigPart::Vehicle), $page->pickable(\Yoke\Rig\Specification\RigPart::Trailer)])
        @if ($vehicles === [] || $trailers === [])
            <div class="card empty"><p>{{ __('page/choice.show.nothing_in_the_garage') }}</p><a class="button" href="{{ route('garage') }}">{{ __('page/choice.show.to_the_garage') }}</a></div>
        @else
            <details class="card choice-question no-print" @if ($page->choice === null) open @endif>
                <summary>{{ $page->choice === null ? __('page/choice.show.question') : $draft->vehicle->name.' · '.$draft->trailer->name }}</summary>
                <form method="get" action="{{ route('choice') }}" novalidate>
                    <p class="sentence">{{ __('page/choice.show.lead') }}</p>
                    <div class="fields">
                        <x-picked name="vehicle" :label="__('page/choice.show.vehicle')" :options="$vehicles" :chosen="$draft->vehicle?->id" />
                        <x-picked name="trailer" :label="__('page/choice.show.trailer')" :options="$trailers" :chosen="$draft->trailer?->id" />
                        @foreach (['vehicle', 'trailer'] as $part)@if (isset($draft->problems()[$part]))<p class="sentence" data-tone="stop" role="alert">{{ $draft->problems()[$part] }}</p>@endif @endforeach
                    </div>
                    <div class="choice-year">@include('choice.year')</div>
                    <fieldset class="choice-wants"><legend>{{ __('page/choice.show.wants') }}</legend>
                        @foreach (\Yoke\Rig\Family\Want::cases() as $want)<label class="tick"><input type="checkbox" name="want[]" value="{{ $want->value }}" @checked(in_array($want, $draft->wants, true))> <span>{{ \App\Words\ChoiceWords::want($want) }}</span></label>@endforeach
                    </fieldset>
                    <fieldset class="choice-hitches"><legend>{{ __('page/choice.show.compare') }}</legend>
                        @php($hitches = $page->hitches())
                        @for ($column = 1; $column <= \App\UseCases\Choice\ChoiceDraft::COLUMNS; $column++)
                            <x-picked :name="'hitch'.$column" :label="__('page/choice.show.hitch', ['number' => $column])" :options="$hitches" :chosen="$draft->hitchKey($column)" />
                        @endfor
                    </fieldset>
                    <div class="tape-foot"><button class="button is-first">{{ __('page/choice.show.show_answer') }}</button></div>
                </form>
            </details>
            @php($columns = $page->columns())
            @foreach ($draft->problems() as $field => $sentence)@if (! in_array($field, ['vehicle', 'trailer'], true))<p class="do-next is-over" role="alert" data-problem="{{ $field }}">{{ $sentence }}</p>@endif @endforeach
            @if ($page->impossible !== '')
                <p class="do-next is-over" role="alert">{{ $page->impossible }}</p>
            @elseif ($page->choice !== null)
                @include('choice.need')
                @if ($page->isForbidden())
                    <p class="sentence">{{ __('page/choice.show.forbidden') }}</p>
                @else
                    @include('choice.hitches')
                    @include('choice.bars')
                    @include('choice.families')
                @endif
                <p class="disclaimer">{{ __('page/choice.show.disclaimer') }}</p>
            @endif
        @endif
    </main>
</x-layout>
