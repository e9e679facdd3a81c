@php($need = $page->need())
<section class="card need" aria-label="{{ __('need.title') }}" data-need>
    <h2>{{ __('need.title') }}</h2>
    <p @class(['do-next', 'is-over' => $need->isOver(), 'is-in-range' => $need->isNone()])>{{ $need->answer() }}</p>
    <div class="choice-need">
        <ul class="reasons">@foreach ($need->reasons() as $reason)<li>{{ $reason }}</li>@endforeach<li>{{ $page->sway() }}</li></ul>
        <table class="ledger">
            <caption>{{ __('page/choice.answer.on_a_plain_ball') }}</caption>
            <thead><tr><th></th><th scope="col">{{ __('page/choice.show.light') }}</th><th scope="col">{{ __('page/choice.show.heavy') }}</th></tr></thead>
            @foreach ($page->year() as [$what, $light, $heavy])<tr><th scope="row">{{ $what }}</th><td>{{ $light }}</td><td>{{ $heavy }}</td></tr>@endforeach
        </table>
    </div>
</section>
