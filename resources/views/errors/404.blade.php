<x-trouble title="Page not found">The job, station or page asked for does not exist. It may have been typed wrong.</x-trouble>
