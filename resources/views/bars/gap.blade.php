<x-layout :title="__('gap.title').', '.$page->job->title">
    <main class="yard bars">
        <div class="yard-head">
            <h1>{{ __('gap.title') }} <span class="font-normal text-muted">· {{ $page->job->title }}</span></h1>
            <a class="button" href="{{ route('bench', [$page->job, 'dropped']) }}">{{ __('gap.back') }}</a>
        </div>
        @if (! $page->isOfUse())
            <p class="do-next">{{ __('gap.not_of_use') }}</p>
        @else
            <p class="caution"><x-warning-sign />{{ __('gap.safety') }}</p>
            <div class="bars-sheet">
                <div class="card bars-picture">
                    <x-gap-sketch :chain="$page->takeUp()->isChain()" />
                    <p class="sentence">{{ __('gap.lead') }}</p>
                </div>
                <form method="post" action="{{ route('gap.store', $page->job) }}" class="card bars-form" novalidate data-sheet data-preview="{{ route('gap.preview', $page->job) }}">
                    @csrf
                    <div class="bars-fields">
                        @foreach ($page->fields() as $field)<x-numbered-field :field="$field" :first="$loop->first" />@endforeach
                    </div>
                    <div data-part="effect" aria-live="polite">@include('bars.gap-effect')</div>
                    <div class="tape-foot">
                        <button class="button is-first">{{ __('gap.save') }}</button>
                        @if (! $page->isTaped())<button class="button" form="skip">{{ __('bars.skip') }}</button>@endif
                        <span class="saved-at" role="status" data-saved-at></span>
                    </div>
                </form>
            </div>
            <form method="post" action="{{ route('gap.skip', $page->job) }}" id="skip">@csrf</form>
        @endif
    </main>
</x-layout>
