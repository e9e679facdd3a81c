@php($key = $page->state->key())
<x-layout :title="__('page/loads.show.load_planner', ['title' => $page->job->title])">
    <main class="yard loads">
        <x-weigh-tabs :job="$page->job" here="loads" />
        <div class="states">
            <nav class="shelves" aria-label="{{ __('page/loads.show.load_states') }}">
                @foreach ($page->states as $one)
                    <a href="{{ route('loads', [$page->job, $one->key(), 'beside' => $page->beside->key()]) }}" @if ($one === $page->state) aria-current="page" @endif>{{ \App\Words\LoadWords::state($one) }}</a>
                @endforeach
            </nav>
            <form method="post" action="{{ route('loads.copy', [$page->job, $key]) }}">@csrf<button class="button is-small">{{ __('page/loads.show.copy_load_state') }}</button></form>
            @if (! $page->state->as_weighed)<form method="post" action="{{ route('loads.away', [$page->job, $key]) }}">@csrf<button class="button is-small">{{ __('page/loads.show.archive') }}</button></form>@endif
        </div>
        <div class="card drawing" data-part="drawing">@include('loads.drawing')</div>
        <div class="weigh is-loads">
            <form method="post" action="{{ route('loads.store', [$page->job, $key]) }}" class="card" novalidate data-loads data-preview="{{ route('loads.preview', [$page->job, $key, 'beside' => $page->beside->key()]) }}">
                @csrf
                <div class="loads-head">
                    @if ($page->state->as_weighed)
                        <p class="sentence">{{ __('page/loads.show.what_was_aboard_when_the') }}</p>
                        <input type="hidden" name="name" value="{{ $draft->name }}">
                    @else
                        <x-typed name="name" :label="__('page/loads.show.this_load')" :value="$draft->name" />
                    @endif
                    <span class="saved-at" role="status" data-saved-at>{{ session('saved') }}</span>
                    <button class="button is-first">{{ __('page/loads.show.save_load') }}</button>
                </div>
                <div data-part="rows">@include('loads.rows')</div>
            </form>
            <section class="card" aria-label="{{ __('page/loads.show.result') }}" data-part="columns">@include('loads.columns')</section>
        </div>
    </main>
</x-layout>
