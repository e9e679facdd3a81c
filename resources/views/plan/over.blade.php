@foreach ($plan->overRatings() as $line)
    <p class="do-next is-over">Over its rating: {{ $line->what }}, {{ $plan->load($line->carries) }} of {{ $plan->load($line->may) }}.</p>
@endforeach
