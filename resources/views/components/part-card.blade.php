@props(['card', 'away' => false])
@php($at = [$card->part->value, $card->model->id])
<section class="part-card card" aria-label="{{ $card->model->name }}">
    <x-part-sketch :sketch="$card->sketch()" aria-hidden="true" />
    <a class="name" href="{{ route('garage.edit', $at) }}"><strong>{{ $card->model->name }}</strong><span class="who">{{ $card->use() }} · {{ $card->filled() }}</span></a>
    <div class="acts">
        @if ($away)
            <form method="post" action="{{ route('garage.bring-back', $at) }}">@csrf<x-from-here /><button class="button is-small" aria-label="{{ __('page/components.part-card.restore', ['model' => $card->model->name]) }}">{{ __('page/components.part-card.restore_2') }}</button></form>
        @else
            <form method="post" action="{{ route('garage.copy', $at) }}">@csrf<button class="button is-small" aria-label="{{ __('page/components.part-card.copy', ['model' => $card->model->name]) }}">{{ __('page/components.part-card.copy_2') }}</button></form>
            <form method="post" action="{{ route('garage.put-away', $at) }}">@csrf<x-from-here /><button class="button is-small" aria-label="{{ __('page/components.part-card.archive', ['model' => $card->model->name]) }}">{{ __('page/components.part-card.archive_2') }}</button></form>
        @endif
    </div>
</section>
