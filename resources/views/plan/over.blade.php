@foreach ($plan->complaints() as $sentence)
    <p class="do-next is-over">{{ $sentence }}</p>
@endforeach
