<x-trouble title="Too many requests">Expected a pause of a minute.</x-trouble>
